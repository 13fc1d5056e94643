package org.mosswake.server.gear;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface BoatMapper {
    String COLUMNS = "vessel_id, version, name, length_m, beam_m, engines, place, latitude_deg, longitude_deg, "
            + "time_zone, idle_mps, drogue_area_m2 as \"drogueAreaM2\", drogue_speed_mps, prop_spread_m, top_mps";

    record BoatRow(
            UUID vesselId,
            int version,
            String name,
            double lengthM,
            double beamM,
            int engines,
            String place,
            double latitudeDeg,
            double longitudeDeg,
            String timeZone,
            @Nullable Double idleMps,
            @Nullable Double drogueAreaM2,
            @Nullable Double drogueSpeedMps,
            @Nullable Double propSpreadM,
            @Nullable Double topMps) {}

    record HolderRow(
            UUID vesselId,
            UUID holderId,
            int ordinal,
            String name,
            String kind,
            double baseAsternM,
            double baseStarboardM,
            double baseHeightM,
            double tipAsternM,
            double tipStarboardM,
            double tipHeightM) {}

    /** Who practises is not among them: she is found from the boat she is a copy of. */
    @Select("""
            select vessel_id as boat_id, version, name, place,
                   exists (select 1 from put_away p where p.vessel_id = boat.vessel_id and p.thing_id = boat.vessel_id)
                   as put_away
            from boat where not exists (select 1 from practice p where p.vessel_id = boat.vessel_id)
            order by length_m desc, name, vessel_id limit #{count} offset #{from}""")
    List<BoatTitle> titles(@Param("from") int from, @Param("count") int count);

    @Select("select count(*) from boat b where not exists (select 1 from practice p where p.vessel_id = b.vessel_id)")
    int count();

    /** No row where she is not kept here. */
    @Select("select 1 from boat where vessel_id = #{vessel}")
    @Nullable
    Integer knows(UUID vessel);

    /** Held until the transaction ends: whoever changes her, or hangs a line from her, waits his turn. */
    @Select("select version from boat where vessel_id = #{vessel} for update")
    @Nullable
    Integer locked(UUID vessel);

    @Select("select " + COLUMNS + " from boat where vessel_id = #{vessel}")
    @Nullable
    BoatRow boat(UUID vessel);

    @Select("select * from holder where vessel_id = #{vessel} order by ordinal")
    List<HolderRow> holders(UUID vessel);

    /** Holders that lines of a spread's present content hang from. */
    @Select("""
            select distinct (line ->> 'holderId')::uuid from spread s
            join spread_revision r on r.vessel_id = s.vessel_id and r.spread_id = s.spread_id
                                  and r.revision = s.head_revision
            join content c on c.vessel_id = r.vessel_id and c.hash = r.hash,
                 jsonb_array_elements(c.body -> 'lines') line
            where s.vessel_id = #{vessel}""")
    List<UUID> holdersInUse(UUID vessel);

    @Insert("insert into vessel (vessel_id) values (#{vessel}) on conflict do nothing")
    int insertVessel(UUID vessel);

    @Insert("""
            insert into boat (vessel_id, version, name, length_m, beam_m, engines, place, latitude_deg, longitude_deg,
                   time_zone, idle_mps, drogue_area_m2, drogue_speed_mps, prop_spread_m, top_mps)
            values (#{vesselId}, #{version}, #{name}, #{lengthM}, #{beamM}, #{engines}, #{place}, #{latitudeDeg},
                    #{longitudeDeg}, #{timeZone}, #{idleMps}, #{drogueAreaM2}, #{drogueSpeedMps}, #{propSpreadM}, #{topMps})
            on conflict do nothing""")
    int insertBoat(BoatRow row);

    @Update("""
            update boat set version = version + 1, name = #{name}, length_m = #{lengthM}, beam_m = #{beamM},
                   engines = #{engines}, place = #{place}, latitude_deg = #{latitudeDeg},
                   longitude_deg = #{longitudeDeg}, time_zone = #{timeZone}, idle_mps = #{idleMps},
                   drogue_area_m2 = #{drogueAreaM2}, drogue_speed_mps = #{drogueSpeedMps},
                   prop_spread_m = #{propSpreadM}, top_mps = #{topMps}
            where vessel_id = #{vesselId} and version = #{version}""")
    int updateBoat(BoatRow row);

    @Delete("delete from holder where vessel_id = #{vessel}")
    int deleteHolders(UUID vessel);

    @Insert("""
            insert into holder values (#{vesselId}, #{holderId}, #{ordinal}, #{name}, #{kind}, #{baseAsternM},
                   #{baseStarboardM}, #{baseHeightM}, #{tipAsternM}, #{tipStarboardM}, #{tipHeightM})""")
    int insertHolder(HolderRow row);

    /** As she is now, for what was seen of her: with her holders, under her version. */
    @Insert("""
            insert into gear_version
            select b.vessel_id, b.vessel_id, b.version, 'BOAT', now(), to_jsonb(b) || jsonb_build_object('holders',
                   coalesce((select jsonb_agg(to_jsonb(h) order by h.ordinal) from holder h
                             where h.vessel_id = b.vessel_id), '[]'))
            from boat b where b.vessel_id = #{vessel}""")
    int keepVersion(UUID vessel);

    @Select("select 1 from forgotten where vessel_id = #{vessel}")
    @Nullable
    Integer forgotten(UUID vessel);
}
