package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.Schedule;

/** What the keeper decided about a tank's arrivals. */
@Entity
@Table(name = "schedule")
class ScheduleRow {
    @Id
    private UUID tankId;

    @Version
    private @Nullable Integer version;

    @JdbcTypeCode(SqlTypes.JSON)
    private String content;

    protected ScheduleRow() {}

    ScheduleRow(UUID tankId, Schedule schedule) {
        this.tankId = tankId;
        change(schedule);
    }

    final void change(Schedule schedule) {
        // Who has the quarantine tank is read where it stands: in the quarantine tank.
        this.content = Json.MAPPER.writeValueAsString(schedule.booked(List.of()));
    }

    Schedule toCore() {
        return Json.MAPPER.readValue(content, Schedule.class);
    }
}
