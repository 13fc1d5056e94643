package org.mosswake.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

@AnalyzeClasses(packages = "org.mosswake", importOptions = ImportOption.DoNotIncludeTests.class)
class ArrowsTest {
    /** Capabilities reach each other only through what is public, and never in a ring. */
    @Test
    void modulesKeepTheirArrows() {
        ApplicationModules.of(MossWake.class).verify();
    }

    @ArchTest
    static final ArchRule PLATFORM_KNOWS_NO_CAPABILITY = noClasses()
            .that()
            .resideInAPackage("..server.platform..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "..server.tow..",
                    "..server.clock..",
                    "..server.gear..",
                    "..server.spread..",
                    "..server.turn..",
                    "..server.rig..",
                    "..server.call..",
                    "..server.strikes..",
                    "..server.deck..",
                    "..server.devices..",
                    "..server.log..",
                    "..server.weights..",
                    "..server.putaway..",
                    "..server.water..",
                    "..server.marks..",
                    "..server.course..",
                    "..server.owner..");

    @ArchTest
    static final ArchRule ROWS_STAY_BEHIND_SERVICES = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat()
            .haveSimpleNameEndingWith("Mapper");
}
