package org.mosswake.server.putaway;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface PutAwayMapper {
    @Select("select thing_id from put_away where vessel_id = #{vessel}")
    List<UUID> all(UUID vessel);

    /** Of gear, spreads and the boat herself. */
    @Select("""
            select exists (select 1 from lure_gear where vessel_id = #{vessel} and gear_id = #{thing}
                     union all select 1 from line_gear where vessel_id = #{vessel} and gear_id = #{thing}
                     union all select 1 from reel_gear where vessel_id = #{vessel} and gear_id = #{thing}
                     union all select 1 from spread where vessel_id = #{vessel} and spread_id = #{thing}
                     union all select 1 from boat where vessel_id = #{vessel} and vessel_id = #{thing})""")
    boolean knows(@Param("vessel") UUID vessel, @Param("thing") UUID thing);

    @Insert("insert into put_away (vessel_id, thing_id) values (#{vessel}, #{thing}) on conflict do nothing")
    int put(@Param("vessel") UUID vessel, @Param("thing") UUID thing);

    @Delete("delete from put_away where vessel_id = #{vessel} and thing_id = #{thing}")
    int takeOut(@Param("vessel") UUID vessel, @Param("thing") UUID thing);

    /** Gear that no spread as it was saved, no fact, no reel and no fit names. */
    @Select("""
            select gear_id from (select gear_id from lure_gear where vessel_id = #{vessel}
                           union all select gear_id from line_gear where vessel_id = #{vessel}
                           union all select gear_id from reel_gear where vessel_id = #{vessel}) gear
            where gear_id not in (
                select coalesce(lure_gear_id, line_gear_id, reel_gear_id) from content_gear
                where vessel_id = #{vessel}
                union all select g from reel_gear, unnest(array[main_line_gear_id, backing_line_gear_id]) g
                where vessel_id = #{vessel} and g is not null
                union all select gear_id from calibration where vessel_id = #{vessel})""")
    List<UUID> unneeded(UUID vessel);

    /** Its versions stay: what a device saw of it can still be told. */
    @Delete("""
            with a as (delete from lure_gear where vessel_id = #{vessel} and gear_id = #{thing}),
                 b as (delete from line_gear where vessel_id = #{vessel} and gear_id = #{thing}),
                 c as (delete from reel_gear where vessel_id = #{vessel} and gear_id = #{thing})
            delete from put_away where vessel_id = #{vessel} and thing_id = #{thing}""")
    int remove(@Param("vessel") UUID vessel, @Param("thing") UUID thing);

    /** Spreads that are put away and that nobody fished: no content as fished and no fact names them. */
    @Select("""
            select s.spread_id from spread s
            join put_away p on p.vessel_id = s.vessel_id and p.thing_id = s.spread_id
            where s.vessel_id = #{vessel}
              and not exists (select from content c
                              where c.vessel_id = s.vessel_id and c.body ->> 'spreadId' = s.spread_id::text)
              and not exists (select from fact f
                              where f.vessel_id = s.vessel_id
                                and f.kind in ('STRUCK', 'FOLLOWED', 'SET', 'CHANGED')
                                and strpos(f.body::text, s.spread_id::text) > 0)""")
    List<UUID> unfished(UUID vessel);

    /** Revisions are never changed: only who removes the whole spread may let them go. */
    @Select("select set_config('moss.forgetting', #{whose}, true)")
    String letGo(@Param("whose") String whose);

    /** With its story and the ticks of its evenings, which are named by it. */
    @Delete("""
            with a as (delete from document
                       where vessel_id = #{vessel} and starts_with(name, #{spread}::text) and kind in ('ORIGIN', 'TICK'))
            delete from spread_revision where vessel_id = #{vessel} and spread_id = #{spread}""")
    int removeRevisions(@Param("vessel") UUID vessel, @Param("spread") UUID spread);

    @Delete("""
            with a as (delete from put_away where vessel_id = #{vessel} and thing_id = #{spread})
            delete from spread where vessel_id = #{vessel} and spread_id = #{spread}""")
    int removeSpread(@Param("vessel") UUID vessel, @Param("spread") UUID spread);
}
