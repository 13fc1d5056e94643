package org.mosswake.e2e.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** The cards as they leave the printer, read and looked at as pictures. */
class PaperIT extends Journey {
    private static final float DPI = 60;
    private static final double POINT_MM = 25.4 / 72;

    /** The address of the print page of the fast ladder. */
    private String ladder() {
        page.keyboard().press("2");
        page.getByTestId("chain").waitFor();
        page.getByLabel("Spread", new Page.GetByLabelOptions().setExact(true)).selectOption("Fast ladder");
        page.getByText("loop to loop, passed twice").first().waitFor();
        return page.url().replaceAll("\\?.*", "").replace("/rig/", "/print/");
    }

    private PDDocument printed(String address, String card, String paper) throws IOException {
        page.navigate(address + "?card=" + card + "&paper=" + paper);
        page.locator("[data-testid=paper] article").first().waitFor();
        return Loader.loadPDF(
                page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true).setPrintBackground(true)));
    }

    private record Sheet(String card, String paper, int pages, double widthMm, double heightMm) {}

    private static final List<Sheet> SHEETS = List.of(
            new Sheet("rig", "a5", 3, 148, 210),
            new Sheet("rig", "letter", 3, 216, 279),
            new Sheet("spread", "a5", 1, 210, 148),
            new Sheet("spread", "letter", 1, 216, 279),
            new Sheet("list", "a5", 1, 148, 210),
            new Sheet("list", "letter", 1, 216, 279));

    @Test
    void everyCardComesOutOnItsSheets() throws IOException {
        String address = ladder();
        for (Sheet sheet : SHEETS) {
            try (PDDocument pdf = printed(address, sheet.card(), sheet.paper())) {
                assertThat(pdf.getNumberOfPages()).as(sheet.toString()).isEqualTo(sheet.pages());
                for (int i = 0; i < sheet.pages(); i++) {
                    looksRight(pdf, i, sheet);
                }
            }
        }
    }

    /** On its paper, with ink on it, and nothing that runs into the margin. */
    private static void looksRight(PDDocument pdf, int at, Sheet sheet) throws IOException {
        var box = pdf.getPage(at).getMediaBox();
        assertThat(box.getWidth() * POINT_MM).as(sheet.toString()).isCloseTo(sheet.widthMm(), within(1.0));
        assertThat(box.getHeight() * POINT_MM).as(sheet.toString()).isCloseTo(sheet.heightMm(), within(1.0));
        BufferedImage picture = new PDFRenderer(pdf).renderImageWithDPI(at, DPI);
        assertThat(ink(picture, 0, 0, 1, 1)).as(sheet + ", page " + at).isGreaterThan(0.01);
        assertThat(ink(picture, 0, 0, 0.03, 1)).as(sheet.toString()).isZero();
        assertThat(ink(picture, 0.97, 0, 1, 1)).as(sheet.toString()).isZero();
        assertThat(ink(picture, 0, 0.98, 1, 1)).as(sheet.toString()).isZero();
    }

    /** Share of dark dots within a part of the picture, given in shares of its sides. */
    private static double ink(BufferedImage picture, double left, double top, double right, double bottom) {
        int dark = 0;
        int all = 0;
        for (int x = (int) (left * picture.getWidth()); x < right * picture.getWidth(); x++) {
            for (int y = (int) (top * picture.getHeight()); y < bottom * picture.getHeight(); y++) {
                int rgb = picture.getRGB(x, y);
                dark += (rgb >> 8 & 0xff) < 160 ? 1 : 0;
                all++;
            }
        }
        return (double) dark / all;
    }

    private static String read(PDDocument pdf) throws IOException {
        return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
    }

    @Test
    void theCardsCarryWhatTheDeckNeeds() throws IOException {
        String address = ladder();
        try (PDDocument pdf = printed(address, "rig", "a5")) {
            assertThat(read(pdf))
                    .contains("C1, Fast bullet", "Hollow braid 130 lb", "loop to loop, passed twice", "snap swivel")
                    .contains("Strike drag", "Nobody stands in line with it")
                    .doesNotContain("Back to the bench");
        }
        try (PDDocument pdf = printed(address, "list", "a5")) {
            assertThat(read(pdf))
                    .contains("19:00", "Pull-test", "To buy or to count")
                    .contains("rod tethers");
        }
    }
}
