package org.pelluna.app.account;

import java.util.UUID;
import org.pelluna.app.post.Notices;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whole addresses of pages, for letters. Never made of what a request says of itself: whoever asks could name a host of theirs. */
@Component
class Addresses implements Notices.StopLinks {
    private final String site;
    private final StopNotices stop;

    Addresses(@Value("${pelluna.url}") String site, StopNotices stop) {
        this.site = site.replaceAll("/+$", "");
        this.stop = stop;
    }

    String of(String path) {
        return site + path;
    }

    @Override
    public String of(UUID keeper) {
        return of("/notices/stop/" + stop.token(keeper));
    }
}
