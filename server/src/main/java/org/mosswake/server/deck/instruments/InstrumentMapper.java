package org.mosswake.server.deck.instruments;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface InstrumentMapper {
    /** Boats with a source that is kept; one that practises hears nothing but her sea. */
    @Select("""
            select distinct vessel_id from document d where kind = 'INSTRUMENT' and body is not null
            and not exists (select 1 from practice p where p.vessel_id = d.vessel_id)""")
    List<UUID> boats();

    @Insert("""
            insert into instrument_now values (#{vessel}, now(), #{body}::jsonb)
            on conflict (vessel_id) do update set at = excluded.at, body = excluded.body""")
    int write(@Param("vessel") UUID vessel, @Param("body") String body);

    /** A row that nobody has written for a while is of a server that is gone: what it told is old, and its age says so. */
    @Select("select body from instrument_now where vessel_id = #{vessel}")
    @Nullable
    String read(UUID vessel);

    /** The moment of a practice day; no row where she does not practise. */
    @Select("select moment from practice where vessel_id = #{vessel}")
    @Nullable
    Instant practised(UUID vessel);
}
