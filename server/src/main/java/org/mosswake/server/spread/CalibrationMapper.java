package org.mosswake.server.spread;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.spread.Calibration;
import org.mosswake.core.sure.Factor;
import org.mosswake.server.spread.CalibrationReply.SeenReply;

@Mapper
interface CalibrationMapper {
    record CalibrationRow(
            UUID calibrationId,
            UUID gearId,
            Coefficient coefficient,
            double oldValue,
            double newValue,
            @Nullable Double standardError,
            double scatterM,
            String reason,
            Instant madeAt,
            @Nullable Instant takenBackAt) {}

    record SeenRow(
            UUID calibrationId,
            Calibration.Kind kind,
            double seenM,
            double beforeM,
            double afterM,
            double speedThroughWaterMps,
            double letOutM,
            @Nullable Double cableOutM) {
        SeenReply reply() {
            return new SeenReply(kind, seenM, beforeM, afterM, speedThroughWaterMps, letOutM, cableOutM);
        }
    }

    @Insert("""
            insert into calibration (vessel_id, calibration_id, gear_id, coefficient, old_value, new_value,
                   standard_error, scatter_m, reason, made_at)
            values (#{vessel}, #{calibration}, #{f.gearId}, #{f.coefficient}, #{f.oldValue}, #{f.newValue},
                   #{f.standardError}, #{f.scatterM}, #{f.reason}, #{now})
            on conflict do nothing""")
    int insert(
            @Param("vessel") UUID vessel,
            @Param("calibration") UUID calibration,
            @Param("f") CalibrationReply fit,
            @Param("now") Instant now);

    @Insert("""
            insert into calibration_observation values (#{vessel}, #{calibration}, #{no}, #{o.kind}, #{o.seenM},
                   #{o.beforeM}, #{o.afterM}, #{o.speedThroughWaterMps}, #{o.letOutM}, #{o.cableOutM}, #{noise})""")
    void insertSeen(
            @Param("vessel") UUID vessel,
            @Param("calibration") UUID calibration,
            @Param("no") int number,
            @Param("o") SeenReply seen,
            @Param("noise") double noise);

    @Insert("""
            insert into calibration_slope values (#{vessel}, #{calibration}, #{no}, #{f.what}, #{f.of}, #{slope})""")
    void insertSlope(
            @Param("vessel") UUID vessel,
            @Param("calibration") UUID calibration,
            @Param("no") int number,
            @Param("f") Factor factor,
            @Param("slope") double slope);

    @Select("""
            select calibration_id, gear_id, coefficient, old_value, new_value, standard_error, scatter_m,
                   reason, made_at, taken_back_at
            from calibration where vessel_id = #{vessel} order by sequence desc""")
    List<CalibrationRow> all(UUID vessel);

    @Select("""
            select calibration_id, kind, seen_m, before_m, after_m, speed_through_water_mps,
                   let_out_m, cable_out_m
            from calibration_observation where vessel_id = #{vessel} order by calibration_id, observation_no""")
    List<SeenRow> seen(UUID vessel);

    @Update("""
            update calibration set taken_back_at = #{now}
            where vessel_id = #{vessel} and calibration_id = #{calibration} and taken_back_at is null""")
    int takeBack(@Param("vessel") UUID vessel, @Param("calibration") UUID calibration, @Param("now") Instant now);
}
