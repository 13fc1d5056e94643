package org.mosswake.server.deck.practice;

import java.time.Instant;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface PracticeMapper {
    /** @param body of {@link org.mosswake.core.sim.PracticeState} */
    record Row(UUID vesselId, UUID ofVesselId, Instant moment, int rate, Instant askedAt, String body) {}

    String COLUMNS = "vessel_id, of_vessel_id, moment, rate, asked_at, body::text as body";

    @Select("select " + COLUMNS + " from practice where vessel_id = #{vessel}")
    @Nullable
    Row one(UUID vessel);

    /** Held until the transaction ends: two pages that look at once do not both let her sail on. */
    @Select("select " + COLUMNS + " from practice where vessel_id = #{vessel} for update")
    @Nullable
    Row locked(UUID vessel);

    /** Who practises as a copy of this boat; no row where nobody does. */
    @Select("select vessel_id from practice where of_vessel_id = #{vessel} order by vessel_id limit 1")
    @Nullable
    UUID copyOf(UUID vessel);

    @Insert("""
            insert into practice values (#{vesselId}, #{ofVesselId}, #{moment}, #{rate}, #{askedAt}, #{body}::jsonb)""")
    int insert(Row row);

    @Update("""
            update practice set moment = #{moment}, rate = #{rate}, asked_at = #{askedAt}, body = #{body}::jsonb
            where vessel_id = #{vesselId}""")
    int update(Row row);
}
