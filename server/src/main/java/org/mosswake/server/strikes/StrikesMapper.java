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
interface StrikesMapper {
    record EventRow(
            UUID vesselId,
            UUID eventId,
            UUID tripId,
            String kind,
            UUID deviceId,
            Instant happenedAt,
            Instant deviceAt,
            Instant serverAt,
            @Nullable UUID targetId,
            @Nullable UUID spreadId,
            @Nullable Integer revision,
            @Nullable UUID lineId,
            @Nullable Double letOutM,
            @Nullable String note,
            @Nullable Double latitudeDeg,
            @Nullable Double longitudeDeg,
            @Nullable Double speedOverGroundMps,
            @Nullable Double courseDeg,
            String fingerprint) {}

    record StrikeLineRow(
            UUID vesselId,
            UUID eventId,
            String label,
            String holderName,
            String lureName,
            double speedThroughWaterMps,
            double letOutM,
            double strikeDragN,
            String regime,
            @Nullable Double depthM,
            @Nullable Double asternM,
            @Nullable Double towPullN,
            String solverEdition,
            @Nullable Double cableOutM) {}

    record StrikePieceRow(
            UUID vesselId,
            UUID eventId,
            int pieceNo,
            @Nullable UUID lureGearId,
            @Nullable String lureName,
            @Nullable Double massKg,
            @Nullable Double volumeM3,
            @Nullable Double dragAreaM2,
            @Nullable Double diveAreaM2,
            @Nullable Double sideAreaM2,
            @Nullable Double lureDepthM,
            UUID lineGearId,
            String lineName,
            double lengthM,
            double diameterM,
            double densityKgPerM3,
            double normalDrag,
            double tangentialDrag) {}

    record FishRow(UUID eventId, String species) {}

    @Insert("""
            insert into trip values (#{vessel}, #{t.tripId}, #{t.name}, #{t.day}, #{t.place}, #{t.latitudeDeg},
                   #{t.longitudeDeg}, #{t.timeZone}, #{now}) on conflict do nothing""")
    int insertTrip(@Param("vessel") UUID vessel, @Param("t") TripBody trip, @Param("now") Instant now);

    @Select("""
            select trip_id, name, day, place, latitude_deg, longitude_deg, time_zone from trip
            where vessel_id = #{vessel} order by day desc, created_at desc, trip_id limit #{count} offset #{from}""")
    List<TripBody> trips(@Param("vessel") UUID vessel, @Param("from") int from, @Param("count") int count);

    @Select("select count(*) from trip where vessel_id = #{vessel}")
    int countTrips(UUID vessel);

    @Select("""
            select trip_id, name, day, place, latitude_deg, longitude_deg, time_zone from trip
            where vessel_id = #{vessel} and trip_id = #{trip}""")
    @Nullable
    TripBody trip(@Param("vessel") UUID vessel, @Param("trip") UUID trip);

    /** One event is written by one request at a time, whoever sends it twice. */
    @Select("select pg_advisory_xact_lock(hashtextextended(#{event}::text, 0))::text")
    String lockEvent(UUID event);

    @Select("select fingerprint from event where vessel_id = #{vessel} and event_id = #{event}")
    @Nullable
    String fingerprint(@Param("vessel") UUID vessel, @Param("event") UUID event);

    @Insert("""
            insert into event (vessel_id, event_id, trip_id, kind, device_id, happened_at, device_at, server_at,
                   target_id, spread_id, revision, line_id, let_out_m, note, latitude_deg, longitude_deg,
                   speed_over_ground_mps, course_deg, fingerprint)
            values (#{vesselId}, #{eventId}, #{tripId}, #{kind}, #{deviceId}, #{happenedAt}, #{deviceAt}, #{serverAt},
                   #{targetId}, #{spreadId}, #{revision}, #{lineId}, #{letOutM}, #{note}, #{latitudeDeg},
                   #{longitudeDeg}, #{speedOverGroundMps}, #{courseDeg}, #{fingerprint})""")
    int insertEvent(EventRow row);

    @Select("""
            select vessel_id, event_id, trip_id, kind, device_id, happened_at, device_at, server_at, target_id,
                   spread_id, revision, line_id, let_out_m, note, latitude_deg, longitude_deg, speed_over_ground_mps,
                   course_deg, fingerprint
            from event where vessel_id = #{vessel} and trip_id = #{trip} order by sequence""")
    List<EventRow> events(@Param("vessel") UUID vessel, @Param("trip") UUID trip);

    @Insert("""
            insert into strike_line values (#{vesselId}, #{eventId}, #{label}, #{holderName}, #{lureName},
                   #{speedThroughWaterMps}, #{letOutM}, #{strikeDragN}, #{regime}, #{depthM}, #{asternM}, #{towPullN},
                   #{solverEdition}, #{cableOutM})""")
    int insertStrikeLine(StrikeLineRow row);

    @Insert("""
            insert into strike_piece values (#{vesselId}, #{eventId}, #{pieceNo}, #{lureGearId}, #{lureName},
                   #{massKg}, #{volumeM3}, #{dragAreaM2}, #{diveAreaM2}, #{sideAreaM2}, #{lureDepthM}, #{lineGearId},
                   #{lineName}, #{lengthM}, #{diameterM}, #{densityKgPerM3}, #{normalDrag}, #{tangentialDrag})""")
    int insertStrikePiece(StrikePieceRow row);

    @Select("""
            select s.* from strike_line s join event e using (vessel_id, event_id)
            where s.vessel_id = #{vessel} and e.trip_id = #{trip}""")
    List<StrikeLineRow> strikeLines(@Param("vessel") UUID vessel, @Param("trip") UUID trip);

    @Insert("""
            insert into fish values (#{vessel}, #{e.eventId}, #{e.speciesName}, #{e.fishLengthM}, #{e.fishMassKg})""")
    int insertFish(@Param("vessel") UUID vessel, @Param("e") EventBody event);

    @Select("""
            select f.event_id, f.species from fish f join event e using (vessel_id, event_id)
            where f.vessel_id = #{vessel} and e.trip_id = #{trip}""")
    List<FishRow> fish(@Param("vessel") UUID vessel, @Param("trip") UUID trip);
}
