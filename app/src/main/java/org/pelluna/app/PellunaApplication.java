package org.pelluna.app;

import java.time.Clock;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.CatalogueFiles;
import org.pelluna.core.species.Lookup;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The web application. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class PellunaApplication {
    public static void main(String[] arguments) {
        SpringApplication.run(PellunaApplication.class, arguments);
    }

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }

    @Bean
    Catalogue catalogue() {
        return CatalogueFiles.shipped();
    }

    @Bean
    Lookup names(Catalogue catalogue) {
        return new Lookup(catalogue.all());
    }
}
