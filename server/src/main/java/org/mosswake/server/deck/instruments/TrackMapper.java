package org.mosswake.server.deck.instruments;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface TrackMapper {
    record Row(Instant at, String body) {}

    /** @param rows a list of {@code at} and {@code body} */
    @Insert("""
            insert into instrument_track
            select #{vessel}, t."at", t."body"
            from jsonb_to_recordset(#{rows}::jsonb) as t("at" timestamptz, "body" jsonb)
            on conflict do nothing""")
    int insert(@Param("vessel") UUID vessel, @Param("rows") String rows);

    @Delete("delete from instrument_track where vessel_id = #{vessel} and at < #{before}")
    int trim(@Param("vessel") UUID vessel, @Param("before") Instant before);

    @Select("""
            select at, body from instrument_track where vessel_id = #{vessel} and at > #{after} order by at""")
    List<Row> after(@Param("vessel") UUID vessel, @Param("after") Instant after);
}
