package org.pelluna.app.browser;

import org.junit.jupiter.api.Test;

class PlacesByNightTest extends EveryPage {
    @Test
    void everyPageIsAccessibleFitsItsWindowAndCanBeReadAndTouched() {
        everyPageHolds("night");
    }
}
