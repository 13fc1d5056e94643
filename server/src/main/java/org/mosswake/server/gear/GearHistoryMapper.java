package org.mosswake.server.gear;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.mosswake.server.gear.BoatMapper.BoatRow;
import org.mosswake.server.gear.BoatMapper.HolderRow;

/**
 * Rows as they were: of each thing the version that was seen, else the last one before the moment, else its first. A
 * column younger than a row is null in it.
 */
@Mapper
interface GearHistoryMapper {
    String OF = " (select distinct on (gear_id) body from gear_version where vessel_id = #{vessel} and kind = ";
    String LAST = """
             order by gear_id,
                      (version = (#{seen}::jsonb ->> gear_id::text)::int) desc nulls last,
                      (since <= #{at}) desc,
                      case when since <= #{at} then -version else version end) chosen
            """;
    String BOAT = OF + "'BOAT'" + LAST;

    @Select("select " + GearMapper.LURE + " from (select (jsonb_populate_record(null::lure_gear, body)).* from" + OF
            + "'LURE'" + LAST + ") gear order by kind, name, gear_id")
    List<LureGearBody> lures(@Param("vessel") UUID vessel, @Param("seen") String seen, @Param("at") Instant at);

    @Select("select " + GearMapper.LINE + " from (select (jsonb_populate_record(null::line_gear, body)).* from" + OF
            + "'LINE'" + LAST + ") gear order by kind, strength_n, gear_id")
    List<LineGearBody> lines(@Param("vessel") UUID vessel, @Param("seen") String seen, @Param("at") Instant at);

    @Select("select " + GearMapper.REEL + " from (select (jsonb_populate_record(null::reel_gear, body)).* from" + OF
            + "'REEL'" + LAST + ") gear order by name, gear_id")
    List<ReelGearBody> reels(@Param("vessel") UUID vessel, @Param("seen") String seen, @Param("at") Instant at);

    @Select("select " + BoatMapper.COLUMNS + " from (select (jsonb_populate_record(null::boat, body)).* from" + BOAT
            + ") boat")
    @Nullable
    BoatRow boat(@Param("vessel") UUID vessel, @Param("seen") String seen, @Param("at") Instant at);

    @Select("select (jsonb_populate_record(null::holder, h)).* from" + BOAT
            + ", jsonb_array_elements(body -> 'holders') h")
    List<HolderRow> holders(@Param("vessel") UUID vessel, @Param("seen") String seen, @Param("at") Instant at);
}
