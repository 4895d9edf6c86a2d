package org.pelluna.app.browser;

import org.junit.jupiter.api.Test;

class PlacesOneTest extends EveryPage {
    @Test
    void everySecondPageIsAccessibleFitsItsWindowAndCanBeReadAndTouched() {
        everySecondPageHolds(0);
    }
}
