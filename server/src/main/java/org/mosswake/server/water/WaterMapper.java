package org.mosswake.server.water;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Spot;

@Mapper
interface WaterMapper {
    String COLUMNS = "grid_id, name, kind, at, row_count, column_count, south_deg, west_deg, lat_step_deg, "
            + "lon_step_deg, known_share, least, most";

    /**
     * A grid without its cells.
     *
     * @param knownShare of its cells
     * @param least      of what is known, with {@code most}; absent where nothing is
     */
    record GridRow(
            UUID gridId,
            String name,
            Grid.Kind kind,
            @Nullable Instant at,
            int rowCount,
            int columnCount,
            double southDeg,
            double westDeg,
            double latStepDeg,
            double lonStepDeg,
            float knownShare,
            @Nullable Float least,
            @Nullable Float most) {
        Grid.Frame frame() {
            return new Grid.Frame(rowCount, columnCount, southDeg, westDeg, latStepDeg, lonStepDeg);
        }

        /** Of the sea within so far of a place, how much it shows: what lies under cloud it does not. */
        double shows(Spot middle, double reachM) {
            return frame().shareOf(middle, reachM) * knownShare;
        }
    }

    /** A bare array would be read as a list of rows. */
    record Cells(byte[] cells) {}

    /** The newest first, of each kind. */
    @Select("select " + COLUMNS
            + " from water_grid where vessel_id = #{vessel} order by kind, at desc nulls last, grid_id")
    List<GridRow> all(UUID vessel);

    @Select("select " + COLUMNS + " from water_grid where vessel_id = #{vessel} and grid_id = #{grid}")
    @Nullable
    GridRow one(@Param("vessel") UUID vessel, @Param("grid") UUID grid);

    @Select("select cells from water_grid where vessel_id = #{vessel} and grid_id = #{grid}")
    @Nullable
    Cells cells(@Param("vessel") UUID vessel, @Param("grid") UUID grid);

    @Insert("""
            insert into water_grid values (#{vessel}, #{g.gridId}, #{g.name}, #{g.kind}, #{g.at}, #{g.rowCount},
                   #{g.columnCount}, #{g.southDeg}, #{g.westDeg}, #{g.latStepDeg}, #{g.lonStepDeg}, #{g.knownShare},
                   #{g.least}, #{g.most}, #{now}, #{cells})
            on conflict do nothing""")
    int insert(
            @Param("vessel") UUID vessel,
            @Param("g") GridRow grid,
            @Param("cells") byte[] cells,
            @Param("now") Instant now);

    @Delete("delete from water_grid where vessel_id = #{vessel} and grid_id = #{grid}")
    int remove(@Param("vessel") UUID vessel, @Param("grid") UUID grid);
}
