package org.mosswake.server.water.read;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.water.Grid;
import org.springframework.stereotype.Component;
import ucar.ma2.DataType;
import ucar.ma2.InvalidRangeException;
import ucar.nc2.Attribute;
import ucar.nc2.NetcdfFile;

/** NetCDF as it was before HDF5. */
@Component
class ClassicNetCdf implements GridReader {
    @Override
    public boolean reads(String name, byte[] head) {
        return new String(head, 0, Math.min(3, head.length), StandardCharsets.ISO_8859_1).equals("CDF");
    }

    @Override
    public List<Grid> read(Path file, Told told) throws IOException {
        // A broken head makes the library stumble in ways of its own.
        NetcdfFile open = null;
        try {
            open = NetcdfFile.open(file.toString());
            return NetCdf.grids(open.getVariables().stream().map(Of::new).toList(), told);
        } catch (FaultException e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            throw GridReader.unreadable("its NetCDF is not whole");
        } finally {
            if (open != null) {
                open.close();
            }
        }
    }

    private record Of(ucar.nc2.Variable of) implements NetCdf.Variable {
        @Override
        public String name() {
            return of.getShortName();
        }

        @Override
        public int[] shape() {
            return of.getDataType() == DataType.CHAR ? new int[0] : of.getShape();
        }

        @Override
        public Optional<String> text(String attribute) {
            return Optional.ofNullable(of.findAttribute(attribute)).map(Attribute::getStringValue);
        }

        @Override
        public Optional<Double> number(String attribute) {
            return Optional.ofNullable(of.findAttribute(attribute))
                    .map(Attribute::getNumericValue)
                    .map(Number::doubleValue);
        }

        @Override
        public double[] list() throws IOException {
            return (double[]) of.read().get1DJavaArray(double.class);
        }

        @Override
        public double[] rows(int[] at, int from, int count) throws IOException {
            int[] shape = of.getShape();
            int[] origin = Arrays.copyOf(at, shape.length);
            Arrays.fill(shape, 0, at.length, 1);
            origin[at.length] = from;
            shape[at.length] = count;
            try {
                return (double[]) of.read(origin, shape).get1DJavaArray(double.class);
            } catch (InvalidRangeException e) {
                throw new IOException(e);
            }
        }
    }
}
