package org.pelluna.app.wishes;

import org.pelluna.app.web.Here;
import org.pelluna.app.web.VerdictView;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.judge.Turn;
import org.pelluna.core.judge.WayToYes;
import org.pelluna.core.shortlist.Judgement;

/**
 * One way to a yes ready to print.
 *
 * @param key its key
 * @param words what to do
 * @param name the fish whose verdict follows
 * @param verdict its verdict then
 * @param why what is still to mind; empty if nothing is
 * @param page where to go to do it; empty where one press does it
 */
record WayView(String key, String words, String name, VerdictView verdict, String why, String page) {
    static WayView of(Here here, WayToYes way) {
        Judgement then = way.then();
        return new WayView(
                way.turn().key(),
                way.turn().words(),
                then.wished().species().commonName(),
                VerdictView.of(then),
                then.deciding()
                        .map(Finding::reason)
                        .map(here.measures()::sentence)
                        .orElse(""),
                way.turn() instanceof Turn.Rehome out ? "/tanks/" + here.tank() + "/fish/" + out.fish() + "#left" : "");
    }
}
