package org.mosswake.server.deck.instruments;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface InstrumentMapper {
    /** Boats with a source that is kept. */
    @Select("select distinct vessel_id from document where kind = 'INSTRUMENT' and body is not null")
    List<UUID> boats();

    @Insert("""
            insert into instrument_now values (#{vessel}, now(), #{body}::jsonb)
            on conflict (vessel_id) do update set at = excluded.at, body = excluded.body""")
    int write(@Param("vessel") UUID vessel, @Param("body") String body);

    /** A row that nobody has written for a while is of a server that is gone: what it told is old, and its age says so. */
    @Select("select body from instrument_now where vessel_id = #{vessel}")
    @Nullable
    String read(UUID vessel);
}
