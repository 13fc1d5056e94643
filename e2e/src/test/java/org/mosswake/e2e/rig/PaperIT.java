package org.mosswake.e2e.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mosswake.e2e.support.Journey;

/** The cards as they leave the printer, read and looked at as pictures. */
class PaperIT extends Journey {
    private static final float DPI = 60;
    private static final double POINT_MM = 25.4 / 72;

    private PDDocument printed(String card, String paper) throws IOException {
        page.keyboard().press("2");
        page.getByTestId("chain").waitFor();
        page.getByLabel("Spread", new Page.GetByLabelOptions().setExact(true)).selectOption("Fast ladder");
        page.getByText("loop to loop, passed twice").first().waitFor();
        String bench = page.url().replaceAll("\\?.*", "");
        page.navigate(bench.replace("/rig/", "/print/") + "?card=" + card + "&paper=" + paper);
        page.locator("[data-testid=paper] article").first().waitFor();
        return Loader.loadPDF(
                page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true).setPrintBackground(true)));
    }

    @ParameterizedTest
    @CsvSource({
        "rig, a5, 3, 148, 210",
        "rig, letter, 3, 216, 279",
        "spread, a5, 1, 210, 148",
        "spread, letter, 1, 216, 279",
        "list, a5, 1, 148, 210",
        "list, letter, 1, 216, 279"
    })
    void comesOutOnItsSheets(String card, String paper, int pages, double widthMm, double heightMm) throws IOException {
        try (PDDocument pdf = printed(card, paper)) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(pages);
            for (int i = 0; i < pages; i++) {
                var box = pdf.getPage(i).getMediaBox();
                assertThat(box.getWidth() * POINT_MM).isCloseTo(widthMm, within(1.0));
                assertThat(box.getHeight() * POINT_MM).isCloseTo(heightMm, within(1.0));
                BufferedImage picture = new PDFRenderer(pdf).renderImageWithDPI(i, DPI);
                assertThat(ink(picture, 0, 0, 1, 1)).as("ink on page " + i).isGreaterThan(0.01);
                // Nothing runs into the margin.
                assertThat(ink(picture, 0, 0, 0.03, 1)).isZero();
                assertThat(ink(picture, 0.97, 0, 1, 1)).isZero();
                assertThat(ink(picture, 0, 0.98, 1, 1)).isZero();
            }
        }
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

    @Test
    void theRigCardCarriesTheChainAndItsCautions() throws IOException {
        try (PDDocument pdf = printed("rig", "a5")) {
            String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains("C1, Fast bullet", "Hollow braid 130 lb", "loop to loop, passed twice", "snap swivel")
                    .contains("Strike drag", "Nobody stands in line with it");
            assertThat(text).doesNotContain("Back to the bench");
        }
    }

    @Test
    void theListCarriesTheWorkAndWhatToBuy() throws IOException {
        try (PDDocument pdf = printed("list", "a5")) {
            String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains("19:00", "Pull-test", "To buy or to count")
                    .contains("rod tethers");
        }
    }
}
