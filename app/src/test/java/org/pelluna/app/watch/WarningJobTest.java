package org.pelluna.app.watch;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pelluna.app.storage.Mailbox;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.TankCache;

class WarningJobTest {
    /** One tank whose plan cannot be read stopped the notices of all tanks after it. */
    @Test
    void aTankThatCannotBeLookedAtKeepsNoOtherFromBeing() {
        TankStore tanks = mock(TankStore.class);
        TankCache cache = mock(TankCache.class);
        UUID keeper = UUID.randomUUID();
        UUID broken = UUID.randomUUID();
        UUID whole = UUID.randomUUID();
        when(tanks.everyone())
                .thenReturn(List.of(new TankStore.Kept(keeper, broken), new TankStore.Kept(keeper, whole)));
        when(cache.of(keeper, broken)).thenThrow(new IllegalStateException("a row of yesterday"));
        when(cache.of(keeper, whole)).thenThrow(new IllegalStateException("reached"));
        new WarningJob(tanks, cache, mock(Mailbox.class)).lookAtAll();
        verify(cache).of(keeper, whole);
    }
}
