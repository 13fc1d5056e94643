package org.mosswake.server.call;

import java.time.Instant;
import java.time.LocalDate;
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
interface CallMapper {
    record PlanRow(
            UUID vesselId,
            LocalDate day,
            int version,
            String conditions,
            double runOutS,
            @Nullable Double baitS,
            @Nullable Instant linesIn,
            @Nullable Instant homeAt) {}

    record SideRow(String school, int side) {}

    record NumberRow(String name, double value) {}

    record OriginRow(UUID vesselId, UUID spreadId, Instant madeAt, String playbook, String story) {}

    @Select("""
            select vessel_id, day, version, conditions::text as conditions, run_out_s, bait_s, lines_in, home_at
            from plan where vessel_id = #{vessel} and day = #{day}""")
    @Nullable
    PlanRow plan(@Param("vessel") UUID vessel, @Param("day") LocalDate day);

    @Insert("""
            insert into plan values (#{vesselId}, #{day}, #{version}, #{conditions}::jsonb, #{runOutS}, #{baitS},
                   #{linesIn}, #{homeAt})
            on conflict do nothing""")
    int insertPlan(PlanRow row);

    @Update("""
            update plan set version = version + 1, conditions = #{conditions}::jsonb, run_out_s = #{runOutS},
                   bait_s = #{baitS}, lines_in = #{linesIn}, home_at = #{homeAt}
            where vessel_id = #{vesselId} and day = #{day} and version = #{version}""")
    int updatePlan(PlanRow row);

    @Select("select school, side from school_choice where vessel_id = #{vessel}")
    List<SideRow> sides(UUID vessel);

    @Insert("""
            insert into school_choice values (#{vessel}, #{school}, #{side})
            on conflict (vessel_id, school) do update set side = excluded.side""")
    int putSide(@Param("vessel") UUID vessel, @Param("school") String school, @Param("side") int side);

    @Select("select name, value from call_number where vessel_id = #{vessel} order by name")
    List<NumberRow> numbers(UUID vessel);

    @Insert("""
            insert into call_number values (#{vessel}, #{name}, #{value})
            on conflict (vessel_id, name) do update set value = excluded.value""")
    int putNumber(@Param("vessel") UUID vessel, @Param("name") String name, @Param("value") double value);

    @Delete("delete from call_number where vessel_id = #{vessel} and name = #{name}")
    int dropNumber(@Param("vessel") UUID vessel, @Param("name") String name);

    @Select("""
            select species, version, dated, season_from, season_to, bag, least_length_m as "leastLengthM",
                   most_length_m as "mostLengthM", barbless, most_lines, gear
            from rule_entry where vessel_id = #{vessel} order by species""")
    List<RuleBody> rules(UUID vessel);

    @Insert("""
            insert into rule_entry values (#{vessel}, #{b.species}, 1, #{b.dated}, #{b.seasonFrom}, #{b.seasonTo},
                   #{b.bag}, #{b.leastLengthM}, #{b.mostLengthM}, #{b.barbless}, #{b.mostLines}, #{b.gear})
            on conflict do nothing""")
    int insertRule(@Param("vessel") UUID vessel, @Param("b") RuleBody body);

    @Update("""
            update rule_entry set version = version + 1, dated = #{b.dated}, season_from = #{b.seasonFrom},
                   season_to = #{b.seasonTo}, bag = #{b.bag}, least_length_m = #{b.leastLengthM},
                   most_length_m = #{b.mostLengthM}, barbless = #{b.barbless}, most_lines = #{b.mostLines},
                   gear = #{b.gear}
            where vessel_id = #{vessel} and species = #{b.species} and version = #{b.version}""")
    int updateRule(@Param("vessel") UUID vessel, @Param("b") RuleBody body);

    @Delete("delete from rule_entry where vessel_id = #{vessel} and species = #{species}")
    int deleteRule(@Param("vessel") UUID vessel, @Param("species") String species);

    @Select("""
            select vessel_id, spread_id, made_at, playbook, story::text as story from spread_origin
            where vessel_id = #{vessel} and spread_id = #{spread}""")
    @Nullable
    OriginRow origin(@Param("vessel") UUID vessel, @Param("spread") UUID spread);

    @Insert("""
            insert into spread_origin values (#{vesselId}, #{spreadId}, #{madeAt}, #{playbook}, #{story}::jsonb)
            on conflict (vessel_id, spread_id) do update set made_at = excluded.made_at, playbook = excluded.playbook,
                   story = excluded.story""")
    int putOrigin(OriginRow row);
}
