package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What must not be told: a keeper's words in the log, a password in a page. */
class QuietTest extends PageTest {
    private static final String NOTE = "he hides behind the blue barrel";

    @Autowired
    JdbcTemplate database;

    /** The database's words quote the row it refuses, and a batch quotes its statement with all values; both once stood in the log. */
    @Test
    void whatCannotBeStoredIsNotQuoted() {
        Object[] row = {NOTE};
        assertThatThrownBy(() -> database.batchUpdate(
                        "insert into letter (id, recipient, subject, body, written_at, due_at)"
                                + " values (gen_random_uuid(), 'x', 'x', ?, now(), now())",
                        List.of(row, row)))
                .satisfies(
                        fault -> assertThat(trace(fault)).contains("not-null").doesNotContain(NOTE));
    }

    private static String trace(Throwable fault) {
        StringWriter text = new StringWriter();
        fault.printStackTrace(new PrintWriter(text));
        return text.toString();
    }

    @Test
    void aRefusedFormIsShownAgainWithoutItsPasswords() throws Exception {
        KeeperPrincipal keeper = newKeeper();
        var answer = pages.perform(post(keeper, "/account/password")
                        .header("Referer", "http://localhost/account")
                        .header("Sec-Fetch-Mode", "navigate")
                        .param("current", "this is not it")
                        .param("password", "nor will this be"))
                .andExpect(status().isFound())
                .andReturn();
        pages.perform(get(keeper, "/account").cookie(answer.getResponse().getCookie("pelluna")))
                .andExpect(content().string(containsString("that is not your password")))
                .andExpect(content().string(not(containsString("this is not it"))))
                .andExpect(content().string(not(containsString("nor will this be"))));
    }
}
