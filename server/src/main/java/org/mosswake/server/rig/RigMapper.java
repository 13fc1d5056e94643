package org.mosswake.server.rig;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface RigMapper {
    record StockRow(String item, double amount) {}

    @Select("select item, amount from stock where vessel_id = #{vessel} order by item")
    List<StockRow> stock(UUID vessel);

    @Insert("""
            insert into stock values (#{vessel}, #{item}, #{amount})
            on conflict (vessel_id, item) do update set amount = excluded.amount""")
    int putStock(@Param("vessel") UUID vessel, @Param("item") String item, @Param("amount") double amount);

    @Delete("delete from stock where vessel_id = #{vessel} and item = #{item}")
    int dropStock(@Param("vessel") UUID vessel, @Param("item") String item);

    @Select("select task from tick where vessel_id = #{vessel} and spread_id = #{spread} order by task")
    List<String> ticks(@Param("vessel") UUID vessel, @Param("spread") UUID spread);

    @Insert("insert into tick values (#{vessel}, #{spread}, #{task}, #{at}) on conflict do nothing")
    int tick(
            @Param("vessel") UUID vessel,
            @Param("spread") UUID spread,
            @Param("task") String task,
            @Param("at") Instant at);

    @Delete("delete from tick where vessel_id = #{vessel} and spread_id = #{spread} and task = #{task}")
    int untick(@Param("vessel") UUID vessel, @Param("spread") UUID spread, @Param("task") String task);
}
