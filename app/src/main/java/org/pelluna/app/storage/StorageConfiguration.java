package org.pelluna.app.storage;

import org.springframework.context.annotation.Configuration;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;

/** The repositories of a tank's rows stand together in {@link Rows}. */
@Configuration
@EnableJpaRepositories(considerNestedRepositories = true)
class StorageConfiguration {}
