package org.mosswake.server.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mosswake.core.fault.FaultException;

class TableTextTest {
    private static final String TABLE = """
            date,place,fish,depth (m),note
            18 June 2019,The Knuckle,king,12,"one, two"
            7.11.98,Außenriff,mahi,,
            June 2003,,wahoo,40 ft,"said ""slow\"""
            """;

    @Test
    void lettersAndPartsAsSpreadsheetsWriteThem() {
        for (var charset : List.of(StandardCharsets.UTF_8, Charset.forName("windows-1252"))) {
            TableText table = TableText.read(TABLE.getBytes(charset));
            assertThat(table.headers()).containsExactly("date", "place", "fish", "depth (m)", "note");
            assertThat(table.rows().get(1).cells().get(1)).isEqualTo("Außenriff");
            assertThat(table.rows().get(0).cells().get(4)).isEqualTo("one, two");
        }
        byte[] wide = ("\uFEFF" + TABLE).getBytes(StandardCharsets.UTF_16LE);
        assertThat(TableText.read(wide).rows()).hasSize(3);
        for (String part : List.of(";", "\t", "|")) {
            assertThat(TableText.read("date%1$sfish%1$sdepth\n1.2.2003%1$sking%1$s4,5\n"
                                    .formatted(part)
                                    .getBytes(StandardCharsets.UTF_8))
                            .rows()
                            .get(0)
                            .cells())
                    .containsExactly("1.2.2003", "king", "4,5");
        }
    }

    /** What a table that went out keeps from being a formula is text again when it comes in. */
    @Test
    void whatWasQuotedAgainstFormulasIsAsItWas() {
        TableText table = TableText.read("fish,lure\nking,'-20 g jig\nmahi,'plain\n".getBytes(StandardCharsets.UTF_8));
        assertThat(table.rows().get(0).cells()).containsExactly("king", "-20 g jig");
        assertThat(table.rows().get(1).cells()).containsExactly("mahi", "'plain");
    }

    @Test
    void aTableWithoutHeadersKeepsItsFirstRow() {
        TableText table = TableText.read("18.6.2019,king\n19.6.2019,mahi\n".getBytes(StandardCharsets.UTF_8));
        assertThat(table.headers()).containsExactly("Column 1", "Column 2");
        assertThat(table.rows()).hasSize(2);
    }

    /** Cut, mixed, spliced and packed: read, or refused with a reason, ten thousand times. */
    @Test
    void brokenFilesAreReadOrRefused() {
        var random = new Random(3);
        byte[] good = TABLE.getBytes(StandardCharsets.UTF_8);
        int refused = 0;
        for (int i = 0; i < 10_000; i++) {
            byte[] broken = new byte[random.nextInt(2 * good.length)];
            for (int b = 0; b < broken.length; b++) {
                broken[b] = random.nextInt(12) == 0 ? (byte) random.nextInt(256) : good[b % good.length];
            }
            try {
                assertThat(TableText.read(broken).headers()).isNotEmpty();
            } catch (FaultException said) {
                refused++;
                assertThat(said.faults()).isNotEmpty();
            }
        }
        assertThat(refused).isBetween(100, 9900);
    }
}
