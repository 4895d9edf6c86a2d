package org.pelluna.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;

class KeySealTest {
    private static final String KEY = "JBSWY3DPEHPK3PXPJBSWY3DPEHPK3PXP";
    private final UUID keeper = UUID.randomUUID();

    @Test
    void whatIsKeptTellsNothingAndOpensForItsKeeperAndSecretOnly() {
        KeySeal seal = new KeySeal("a secret of the operator's");
        String kept = seal.seal(keeper, KEY);
        assertThat(kept).doesNotContain(KEY).isNotEqualTo(seal.seal(keeper, KEY));
        assertThat(seal.open(keeper, kept)).contains(KEY);
        assertThat(seal.open(UUID.randomUUID(), kept)).isEmpty();
        assertThat(new KeySeal("another").open(keeper, kept)).isEmpty();
        assertThat(new KeySeal("").open(keeper, kept)).isEmpty();
        assertThat(seal.open(keeper, kept.substring(0, kept.length() - 2) + "00"))
                .isEmpty();
    }

    @Test
    void aKeyKeptBeforeThereWasASecretIsStillRead() {
        assertThat(new KeySeal("").seal(keeper, KEY)).isEqualTo(KEY);
        assertThat(new KeySeal("a secret since").open(keeper, KEY)).contains(KEY);
    }
}
