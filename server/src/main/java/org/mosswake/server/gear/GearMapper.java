package org.mosswake.server.gear;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.strikes.Cue;

@Mapper
interface GearMapper {
    String LURE = """
            gear_id, version, name, kind, colour, length_m, mass_kg, volume_m3 as "volumeM3", drag_area_m2 as
            "dragAreaM2", dive_area_m2 as "diveAreaM2", side_area_m2 as "sideAreaM2", slowest_mps, fastest_mps,
            count, colour_role, shade""";
    String LINE = """
            gear_id, version, name, kind, diameter_m, density_kg_per_m3 as "densityKgPerM3", normal_drag as
            "normalDragCoefficient", tangential_drag as "tangentialDragCoefficient", strength_n""";
    String REEL = """
            gear_id, version, name, count, rated_m as "ratedM", rated_diameter_m as "ratedDiameterM",
            full_radius_m as "fullRadiusM", arbor_radius_m as "arborRadiusM", main_line_gear_id, rod_class_n as
            "rodClassN", spool_metal, hand_m as "handM", backing_m as "backingM", backing_line_gear_id""";

    @Select("select " + LURE + " from lure_gear where vessel_id = #{vessel} order by kind, name, gear_id")
    List<LureGearBody> lures(UUID vessel);

    @Select("select " + LINE + " from line_gear where vessel_id = #{vessel} order by kind, strength_n, gear_id")
    List<LineGearBody> lines(UUID vessel);

    /** Changes whenever the boat, its holders or any gear of it does, what of it is put away, or how it was seen to run. */
    @Select("""
            select concat_ws('/',
                   (select version from boat where vessel_id = #{vessel}),
                   (select sum(version) || ' ' || count(*) from lure_gear where vessel_id = #{vessel}),
                   (select sum(version) from line_gear where vessel_id = #{vessel}),
                   (select sum(version) from reel_gear where vessel_id = #{vessel}),
                   (select version from document where vessel_id = #{vessel} and kind = 'BENCH_NUMBERS'),
                   (select count(*) || ' ' || max(since) from put_away where vessel_id = #{vessel}),
                   (select max(sequence) from fact where vessel_id = #{vessel} and kind in ('CUED', 'RETRACTED')))""")
    String stamp(UUID vessel);

    @Insert("""
            insert into lure_gear values (#{vessel}, #{b.gearId}, 1, #{b.name}, #{b.kind}, #{b.colour}, #{b.lengthM},
                   #{b.massKg}, #{b.volumeM3}, #{b.dragAreaM2}, #{b.diveAreaM2}, #{b.sideAreaM2}, #{b.slowestMps},
                   #{b.fastestMps}, #{b.count}, #{b.colourRole}, #{b.shade})
            on conflict do nothing""")
    int insertLure(@Param("vessel") UUID vessel, @Param("b") LureGearBody body);

    @Update("""
            update lure_gear set version = version + 1, name = #{b.name}, kind = #{b.kind}, colour = #{b.colour},
                   length_m = #{b.lengthM}, mass_kg = #{b.massKg}, volume_m3 = #{b.volumeM3},
                   drag_area_m2 = #{b.dragAreaM2}, dive_area_m2 = #{b.diveAreaM2}, side_area_m2 = #{b.sideAreaM2},
                   slowest_mps = #{b.slowestMps}, fastest_mps = #{b.fastestMps}, count = #{b.count},
                   colour_role = #{b.colourRole}, shade = #{b.shade}
            where vessel_id = #{vessel} and gear_id = #{b.gearId} and version = #{b.version}""")
    int updateLure(@Param("vessel") UUID vessel, @Param("b") LureGearBody body);

    @Insert("""
            insert into line_gear values (#{vessel}, #{b.gearId}, 1, #{b.name}, #{b.kind}, #{b.diameterM},
                   #{b.densityKgPerM3}, #{b.normalDragCoefficient}, #{b.tangentialDragCoefficient}, #{b.strengthN})
            on conflict do nothing""")
    int insertLine(@Param("vessel") UUID vessel, @Param("b") LineGearBody body);

    @Update("""
            update line_gear set version = version + 1, name = #{b.name}, kind = #{b.kind},
                   diameter_m = #{b.diameterM}, density_kg_per_m3 = #{b.densityKgPerM3},
                   normal_drag = #{b.normalDragCoefficient}, tangential_drag = #{b.tangentialDragCoefficient},
                   strength_n = #{b.strengthN}
            where vessel_id = #{vessel} and gear_id = #{b.gearId} and version = #{b.version}""")
    int updateLine(@Param("vessel") UUID vessel, @Param("b") LineGearBody body);

    @Select("select " + REEL + " from reel_gear where vessel_id = #{vessel} order by name, gear_id")
    List<ReelGearBody> reels(UUID vessel);

    @Insert("""
            insert into reel_gear values (#{vessel}, #{b.gearId}, 1, #{b.name}, #{b.count}, #{b.ratedM},
                   #{b.ratedDiameterM}, #{b.fullRadiusM}, #{b.arborRadiusM}, #{b.mainLineGearId}, #{b.rodClassN},
                   #{b.spoolMetal}, #{b.handM}, #{b.backingLineGearId}, #{b.backingM})
            on conflict do nothing""")
    int insertReel(@Param("vessel") UUID vessel, @Param("b") ReelGearBody body);

    @Update("""
            update reel_gear set version = version + 1, name = #{b.name}, count = #{b.count}, rated_m = #{b.ratedM},
                   rated_diameter_m = #{b.ratedDiameterM}, full_radius_m = #{b.fullRadiusM},
                   arbor_radius_m = #{b.arborRadiusM}, main_line_gear_id = #{b.mainLineGearId},
                   rod_class_n = #{b.rodClassN}, spool_metal = #{b.spoolMetal}, hand_m = #{b.handM},
                   backing_line_gear_id = #{b.backingLineGearId}, backing_m = #{b.backingM}
            where vessel_id = #{vessel} and gear_id = #{b.gearId} and version = #{b.version}""")
    int updateReel(@Param("vessel") UUID vessel, @Param("b") ReelGearBody body);

    /**
     * One slope of one observation of a fit that stands; of a fit of an earlier edition one without a slope.
     *
     * @param newValue what the coefficient was set to
     */
    record FitRow(
            UUID calibrationId,
            UUID gearId,
            Coefficient coefficient,
            double newValue,
            int observationNo,
            @Nullable Double noise,
            @Nullable String what,
            @Nullable String sharedBy,
            @Nullable Double slope) {}

    @Select("""
            select c.calibration_id, c.gear_id, c.coefficient, c.new_value, o.observation_no, o.noise, s.what, s.shared_by,
                   s.slope
            from (select distinct on (gear_id, coefficient) * from calibration
                  where vessel_id = #{vessel} and taken_back_at is null
                  order by gear_id, coefficient, sequence desc) c
            join calibration_observation o using (vessel_id, calibration_id)
            left join calibration_slope s using (vessel_id, calibration_id, observation_no)
            order by c.sequence, o.observation_no""")
    List<FitRow> fits(UUID vessel);

    record CueRow(UUID gearId, Cue cue) {}

    /** Of lures, as crews saw them run; one of another edition's kind is passed over. */
    @Select("""
            <script>
            select (cued.body #>> '{payload,gearId}')::uuid as gear_id, cued.body #>> '{payload,cue}' as cue
            from fact cued
            where cued.vessel_id = #{vessel} and cued.kind = 'CUED'
              and cued.body #>> '{payload,gearId}' ~* '^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$'
              and cued.body #>> '{payload,cue}' in
                  <foreach collection="known" item="one" open="(" close=")" separator=",">#{one}</foreach>
              and not exists (
                  select 1 from fact back where back.vessel_id = cued.vessel_id and back.kind = 'RETRACTED'
                     and back.body #>> '{payload,targetId}' = cued.fact_id::text
                     and not exists (
                         select 1 from fact again where again.vessel_id = back.vessel_id and again.kind = 'RETRACTED'
                            and again.body #>> '{payload,targetId}' = back.fact_id::text))
            </script>""")
    List<CueRow> cues(@Param("vessel") UUID vessel, @Param("known") List<Cue> known);
}
