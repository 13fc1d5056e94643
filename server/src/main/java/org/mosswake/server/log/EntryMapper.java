package org.mosswake.server.log;

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
interface EntryMapper {
    @Select("""
            select day, (array_agg(trip_id))[1] as trip_id, known ->> 'METHOD' as method,
                   to_timestamp(avg(extract(epoch from happened_at)) filter (where kind = 'FISHED')) as at,
                   sum(minutes) as minutes, count(*) filter (where kind = 'STRUCK' and timed) as strikes
            from log_entry
            where vessel_id = #{vessel} and known ->> 'METHOD' is not null and happened_at is not null
            group by day, known ->> 'METHOD', known ->> 'LIGHT'
            having sum(minutes) > 0
            order by day, at""")
    List<MethodDays.Fished> methods(UUID vessel);

    @Select("""
            select count(distinct day) from log_entry
            where vessel_id = #{vessel} and kind = 'FISHED' and happened_at is not null""")
    int daysFished(UUID vessel);

    record TripStand(UUID tripId, long sequence, int edition) {}

    /** A list of {@code EntryStore.EntryRow}: mapped one by one, thousands of rows take seconds. */
    @Select("""
            select coalesce(json_agg(r), '[]')::text
            from (select entry_id as id, day, floor(extract(epoch from happened_at))::bigint as at, kind, minutes, timed,
                         latitude_deg as "latitudeDeg", longitude_deg as "longitudeDeg", known
                  from log_entry
                  where vessel_id = #{vessel} and day >= #{month} and day < #{month}::date + interval '1 month') r""")
    String month(@Param("vessel") UUID vessel, @Param("month") LocalDate month);

    /** @param stamp another one after each change of the entries */
    record MonthStamp(LocalDate month, long stamp) {}

    @Select("select month, stamp from log_month where vessel_id = #{vessel} order by month")
    List<MonthStamp> months(UUID vessel);

    /** @param columns absent where they were not made since the last change */
    record MonthRow(LocalDate month, long stamp, byte @Nullable [] columns) {}

    @Select("select month, stamp, columns from log_month where vessel_id = #{vessel} and month = #{month}")
    @Nullable
    MonthRow columns(@Param("vessel") UUID vessel, @Param("month") LocalDate month);

    record MonthKey(UUID vesselId, LocalDate month) {}

    @Select("select vessel_id, month from log_month where columns is null order by stamp limit 1000")
    List<MonthKey> unmade();

    /** Unless they changed meanwhile. */
    @Update("""
            update log_month set columns = #{row.columns}
            where vessel_id = #{vessel} and month = #{row.month} and stamp = #{row.stamp}""")
    int made(@Param("vessel") UUID vessel, @Param("row") MonthRow row);

    @Select("select trip_id, sequence, edition from log_trip where vessel_id = #{vessel}")
    List<TripStand> trips(UUID vessel);

    @Insert("""
            insert into log_trip values (#{vessel}, #{trip}, #{sequence}, #{edition})
            on conflict (vessel_id, trip_id) do update set sequence = excluded.sequence, edition = excluded.edition""")
    int trip(
            @Param("vessel") UUID vessel,
            @Param("trip") UUID trip,
            @Param("sequence") long sequence,
            @Param("edition") int edition);

    @Delete("delete from log_entry where vessel_id = #{vessel} and trip_id = #{trip}")
    int clear(@Param("vessel") UUID vessel, @Param("trip") UUID trip);

    /** @param rows a JSON array of rows, named as the columns */
    @Insert("""
            insert into log_entry (vessel_id, entry_id, source, trip_id, import_id, day, happened_at, kind, minutes, timed, known,
                   latitude_deg, longitude_deg)
            select #{vessel}, r.* from jsonb_to_recordset(#{rows}::jsonb) as r(entry_id uuid, source text, trip_id uuid,
                   import_id uuid, day date, happened_at timestamptz, kind text, minutes real, timed boolean, known jsonb,
                   latitude_deg double precision, longitude_deg double precision)
            on conflict do nothing""")
    int insert(@Param("vessel") UUID vessel, @Param("rows") String rows);

    record ImportRow(UUID importId, String name, Instant takenAt, int rows) {}

    @Insert("insert into log_import values (#{vessel}, #{i.importId}, #{i.name}, #{i.takenAt}, #{i.rows})")
    int taken(@Param("vessel") UUID vessel, @Param("i") ImportRow row);

    @Select("""
            select import_id, name, taken_at, rows from log_import where vessel_id = #{vessel}
            order by taken_at desc limit 200""")
    List<ImportRow> imports(UUID vessel);

    @Delete("delete from log_entry where vessel_id = #{vessel} and import_id = #{import}")
    int clearImport(@Param("vessel") UUID vessel, @Param("import") UUID taken);

    @Delete("delete from log_import where vessel_id = #{vessel} and import_id = #{import}")
    int removeImport(@Param("vessel") UUID vessel, @Param("import") UUID taken);
}
