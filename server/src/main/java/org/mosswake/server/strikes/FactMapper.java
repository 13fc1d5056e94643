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
interface FactMapper {
    String COLUMNS = "f.fact_id, f.trip_id, f.kind, f.edition, f.device_id, f.happened_at, f.device_at, f.server_at, "
            + "f.body::text as body";

    record Kept(String hash, String received) {}

    record LineRow(UUID factId, String solverEdition, String body) {}

    record PlaceRow(UUID factId, double latitudeDeg, double longitudeDeg) {}

    @Insert("""
            insert into fact (vessel_id, fact_id, trip_id, kind, edition, device_id, happened_at, device_at, server_at,
                   hash, received, body)
            values (#{vessel}, #{e.factId}, #{e.tripId}, #{e.kind}, #{e.edition}, #{e.deviceId}, #{e.happenedAt},
                   #{e.deviceAt}, #{now}, #{hash}, #{received}, #{received}::jsonb)
            on conflict do nothing""")
    int insert(
            @Param("vessel") UUID vessel,
            @Param("e") FactEnvelope envelope,
            @Param("hash") String hash,
            @Param("received") String received,
            @Param("now") Instant now);

    @Select("select hash, received from fact where vessel_id = #{vessel} and fact_id = #{fact}")
    @Nullable
    Kept kept(@Param("vessel") UUID vessel, @Param("fact") UUID fact);

    @Select("select " + COLUMNS
            + " from fact f where f.vessel_id = #{vessel} and f.trip_id = #{trip} order by f.sequence")
    List<FactRow> ofTrip(@Param("vessel") UUID vessel, @Param("trip") UUID trip);

    @Select("""
            select t.trip_id, coalesce(max(f.sequence), 0) as sequence
            from trip t join fact f on f.vessel_id = t.vessel_id and f.trip_id = t.trip_id
            where t.vessel_id = #{vessel} group by t.trip_id""")
    List<DayEntries.Stand> stands(UUID vessel);

    @Select("select " + COLUMNS + """
             from fact f left join struck_line s on s.vessel_id = f.vessel_id and s.fact_id = f.fact_id
            where f.vessel_id = #{vessel} and f.trip_id = #{trip} and f.kind = 'STRUCK' and s.fact_id is null""")
    List<FactRow> uncomputed(@Param("vessel") UUID vessel, @Param("trip") UUID trip);

    @Insert("""
            insert into struck_line values (#{vessel}, #{fact}, #{edition}, #{now}, #{body}::jsonb)
            on conflict do nothing""")
    int insertLine(
            @Param("vessel") UUID vessel,
            @Param("fact") UUID fact,
            @Param("edition") String edition,
            @Param("now") Instant now,
            @Param("body") String body);

    @Select("""
            select s.fact_id, s.solver_edition, s.body::text as body
            from struck_line s join fact f on f.vessel_id = s.vessel_id and f.fact_id = s.fact_id
            where f.vessel_id = #{vessel} and f.trip_id = #{trip}""")
    List<LineRow> lines(@Param("vessel") UUID vessel, @Param("trip") UUID trip);

    @Select("""
            select p.fact_id, p.latitude_deg, p.longitude_deg
            from struck_place p join fact f on f.vessel_id = p.vessel_id and f.fact_id = p.fact_id
            where f.vessel_id = #{vessel} and f.trip_id = #{trip}""")
    List<PlaceRow> places(@Param("vessel") UUID vessel, @Param("trip") UUID trip);

    @Insert("""
            insert into struck_place values (#{vessel}, #{p.factId}, #{p.latitudeDeg}, #{p.longitudeDeg}, #{method},
                   #{now})
            on conflict do nothing""")
    int insertPlace(
            @Param("vessel") UUID vessel,
            @Param("p") PlaceRow place,
            @Param("method") String method,
            @Param("now") Instant now);
}
