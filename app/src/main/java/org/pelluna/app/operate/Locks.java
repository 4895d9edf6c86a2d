package org.pelluna.app.operate;

import javax.sql.DataSource;
import net.javacrumbs.shedlock.core.LockProvider;
import net.javacrumbs.shedlock.provider.jdbctemplate.JdbcTemplateLockProvider;
import net.javacrumbs.shedlock.spring.annotation.EnableSchedulerLock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;

/** Scheduled work runs on one instance at a time: the lock lies in the database, by the database's clock. */
@Configuration
@EnableSchedulerLock(defaultLockAtMostFor = "PT30M")
class Locks {
    @Bean
    LockProvider lockProvider(DataSource database) {
        return new JdbcTemplateLockProvider(JdbcTemplateLockProvider.Configuration.builder()
                .withJdbcTemplate(new JdbcTemplate(database))
                .usingDbTime()
                .build());
    }
}
