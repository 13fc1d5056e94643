package org.mosswake.e2e.support;

import com.microsoft.playwright.Locator;

/** A skipper's hand, by touch or by keyboard, that counts what it does. */
public final class Hand {
    private final boolean byKeys;
    private int actions;

    public Hand(boolean byKeys) {
        this.byKeys = byKeys;
    }

    public int actions() {
        return actions;
    }

    /** Without a mouse: what takes the focus takes Enter as well. */
    public void press(Locator what) {
        actions++;
        if (byKeys) {
            what.focus();
            what.press("Enter");
        } else {
            what.click();
        }
    }

    public void type(Locator field, String text) {
        actions++;
        field.fill(text);
        field.press("Enter");
    }

    public void choose(Locator list, String what) {
        actions++;
        list.selectOption(what);
    }
}
