package org.mosswake.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The allowed arrows of docs/architecture.md, and what core may stand on. */
@AnalyzeClasses(packages = "org.mosswake.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArrowsTest {
    private static final Map<String, Set<String>> ARROWS = Map.ofEntries(
            Map.entry("units", Set.of("fault")),
            Map.entry("fault", Set.of()),
            Map.entry("clock", Set.of()),
            Map.entry("tow", Set.of()),
            Map.entry("turn", Set.of("tow", "sure")),
            Map.entry("sure", Set.of()),
            Map.entry("rig", Set.of("tow", "sure")),
            Map.entry("gear", Set.of("tow", "rig", "sure")),
            Map.entry("spread", Set.of("gear", "turn", "tow", "rig", "clock", "caution", "sure")),
            Map.entry("bench", Set.of("spread", "gear", "rig", "tow", "sure", "clock", "caution")),
            Map.entry("caution", Set.of()),
            Map.entry("playbook", Set.of("spread", "gear", "rig")),
            Map.entry("call", Set.of("playbook", "spread", "gear", "rig", "clock", "caution")),
            Map.entry("day", Set.of("call", "playbook", "gear", "rig", "clock")),
            Map.entry("handling", Set.of("spread", "gear", "turn", "tow")),
            Map.entry(
                    "build", Set.of("call", "playbook", "handling", "spread", "bench", "gear", "rig", "tow", "clock")),
            Map.entry("strikes", Set.of("spread", "gear", "turn")),
            // What a crew does on deck follows the method, its numbers and the skipper's table.
            Map.entry(
                    "deck",
                    Set.of("strikes", "call", "playbook", "day", "handling", "spread", "rig", "gear", "caution")),
            Map.entry("live", Set.of("deck", "spread", "turn", "tow")),
            Map.entry("log", Set.of("units", "strikes", "clock", "fault")),
            Map.entry("moves", Set.of("advice", "log", "handling", "spread", "gear", "rig", "tow", "turn")),
            // Where to begin; the call asks it for step and colour, never the other way.
            Map.entry("water", Set.of("units")),
            // Where she goes over what the water is like, and her lines after her.
            Map.entry("course", Set.of("units", "water", "turn", "tow")),
            Map.entry("weights", Set.of("call", "playbook", "units")),
            Map.entry("advice", Set.of("log", "strikes", "units")),
            Map.entry("sim", Set.of("live", "strikes", "call", "playbook", "gear", "turn", "clock", "log", "water")));

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("org.mosswake.core");

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("org.mosswake.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule ONLY_JAVA_THE_SUN_AND_NUMERICS = classes()
            .should()
            .onlyDependOnClassesThat(
                    resideInAnyPackage("org.mosswake.core..", "java..", "org.shredzone..", "org.hipparchus.."));

    @ArchTest
    static final ArchRule NO_WALL_CLOCK = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(java.time.Instant.class, "now");

    static Set<String> capabilities() {
        return new TreeSet<>(ARROWS.keySet());
    }

    @ParameterizedTest
    @MethodSource("capabilities")
    void pointsOnlyWhereItMay(String capability) {
        var allowed = new TreeSet<String>(List.of(capability, "units", "fault"));
        allowed.addAll(ARROWS.get(capability));
        String[] packages =
                allowed.stream().map(c -> "org.mosswake.core." + c + "..").toArray(String[]::new);
        noClasses()
                .that()
                .resideInAPackage("org.mosswake.core." + capability + "..")
                .should()
                .dependOnClassesThat(resideInAnyPackage("org.mosswake.core..")
                        .and(com.tngtech.archunit.base.DescribedPredicate.not(resideInAnyPackage(packages))))
                .check(CORE);
    }
}
