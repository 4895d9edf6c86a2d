package org.pelluna.app.browser;

import org.junit.jupiter.api.Test;

class PlacesByDayTest extends EveryPage {
    @Test
    void everyPageIsAccessibleFitsItsWindowAndCanBeReadAndTouched() {
        everyPageHolds("day");
    }
}
