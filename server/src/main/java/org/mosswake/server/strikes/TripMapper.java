package org.mosswake.server.strikes;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface TripMapper {
    String COLUMNS = "trip_id, name, day, place, latitude_deg, longitude_deg, time_zone";

    @Insert("""
            insert into trip values (#{vessel}, #{t.tripId}, #{t.name}, #{t.day}, #{t.place}, #{t.latitudeDeg},
                   #{t.longitudeDeg}, #{t.timeZone}, #{now}) on conflict do nothing""")
    int insert(@Param("vessel") UUID vessel, @Param("t") TripBody trip, @Param("now") Instant now);

    @Select("select " + COLUMNS + """
             from trip where vessel_id = #{vessel} order by day desc, created_at desc, trip_id
            limit #{count} offset #{from}""")
    List<TripBody> all(@Param("vessel") UUID vessel, @Param("from") int from, @Param("count") int count);

    @Select("select trip_id from trip where vessel_id = #{vessel} and day = #{day} order by trip_id")
    List<UUID> ofDate(@Param("vessel") UUID vessel, @Param("day") LocalDate day);

    @Select("select count(*) from trip where vessel_id = #{vessel}")
    int count(UUID vessel);

    @Select("select " + COLUMNS + " from trip where vessel_id = #{vessel} and trip_id = #{trip}")
    @Nullable
    TripBody one(@Param("vessel") UUID vessel, @Param("trip") UUID trip);
}
