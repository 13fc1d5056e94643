package org.mosswake.server.strikes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface FixMapper {
    String COLUMNS = "at, latitude_deg, longitude_deg, speed_over_ground_mps, course_deg";

    /** @param json a list of {@link FixBody} */
    @Insert("""
            insert into fix (vessel_id, device_id, at, latitude_deg, longitude_deg, speed_over_ground_mps, course_deg)
            select #{vessel}, #{device}, f."at", f."latitudeDeg", f."longitudeDeg", f."speedOverGroundMps", f."courseDeg"
            from jsonb_to_recordset(#{json}::jsonb) as f("at" timestamptz, "latitudeDeg" double precision,
                 "longitudeDeg" double precision, "speedOverGroundMps" double precision, "courseDeg" double precision)
            on conflict do nothing""")
    int insert(@Param("vessel") UUID vessel, @Param("device") UUID device, @Param("json") String json);

    @Select("select " + COLUMNS + """
             from fix where vessel_id = #{vessel} and device_id = #{device} and at between #{from} and #{to}
            order by at""")
    List<FixBody> ofDevice(
            @Param("vessel") UUID vessel,
            @Param("device") UUID device,
            @Param("from") Instant from,
            @Param("to") Instant to);

    /** Of the device that told most about a time, whichever it is; none where nothing was told. */
    @Select("""
            select device_id from fix where vessel_id = #{vessel} and at between #{from} and #{to}
            group by device_id order by count(*) desc, device_id limit 1""")
    @Nullable
    UUID busiest(@Param("vessel") UUID vessel, @Param("from") Instant from, @Param("to") Instant to);

    @Select("""
            select exists (select 1 from fix where vessel_id = #{vessel} and at between #{from} and #{to})""")
    boolean any(@Param("vessel") UUID vessel, @Param("from") Instant from, @Param("to") Instant to);

    /** The first of each device in each span of so many seconds. */
    @Select("select " + COLUMNS + """
             from (select distinct on (device_id, slot) * from (
                      select *, floor(extract(epoch from at) / #{everyS}) as slot
                      from fix where vessel_id = #{vessel} and at >= #{from} and at < #{to}) slots
                  order by device_id, slot, at) thinned
            order by at limit #{most}""")
    List<FixBody> thinned(
            @Param("vessel") UUID vessel,
            @Param("from") Instant from,
            @Param("to") Instant to,
            @Param("everyS") double everyS,
            @Param("most") int most);
}
