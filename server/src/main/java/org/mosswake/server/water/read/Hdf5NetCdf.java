package org.mosswake.server.water.read;

import io.jhdf.HdfFile;
import io.jhdf.api.Attribute;
import io.jhdf.api.Dataset;
import io.jhdf.api.Node;
import java.io.IOException;
import java.lang.reflect.Array;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.water.Grid;
import org.springframework.stereotype.Component;

/** NetCDF-4, which is HDF5. */
@Component
class Hdf5NetCdf implements GridReader {
    private static final byte[] MARK = {(byte) 0x89, 'H', 'D', 'F'};

    @Override
    public boolean reads(String name, byte[] head) {
        return head.length > MARK.length && Arrays.equals(Arrays.copyOf(head, MARK.length), MARK);
    }

    @Override
    public List<Grid> read(Path file, Told told) throws IOException {
        // A broken head makes the library stumble in ways of its own.
        try (HdfFile open = new HdfFile(file)) {
            return NetCdf.grids(
                    open.getChildren().values().stream()
                            .filter(Dataset.class::isInstance)
                            .map(node -> new Of((Dataset) node))
                            .toList(),
                    told);
        } catch (FaultException e) {
            throw e;
        } catch (RuntimeException e) {
            throw GridReader.unreadable("its NetCDF is not whole");
        }
    }

    private record Of(Dataset of) implements NetCdf.Variable {
        @Override
        public String name() {
            return of.getName();
        }

        @Override
        public int[] shape() {
            return Number.class.isAssignableFrom(of.getJavaType())
                            || of.getJavaType().isPrimitive()
                    ? of.getDimensions()
                    : new int[0];
        }

        private Optional<Object> attribute(String name) {
            return Optional.ofNullable(((Node) of).getAttribute(name)).map(Attribute::getData);
        }

        @Override
        public Optional<String> text(String name) {
            return attribute(name)
                    .map(value -> value instanceof Object[] many && many.length > 0 ? many[0] : value)
                    .map(Object::toString);
        }

        @Override
        public Optional<Double> number(String name) {
            return attribute(name)
                    .map(value ->
                            value.getClass().isArray() && Array.getLength(value) > 0 ? Array.get(value, 0) : value)
                    .filter(Number.class::isInstance)
                    .map(value -> ((Number) value).doubleValue());
        }

        @Override
        public double[] list() {
            return flat(of.getData(), of.getDimensions()[0]);
        }

        @Override
        public double[] rows(int[] at, int from, int count) {
            int[] shape = of.getDimensions().clone();
            long[] origin = new long[shape.length];
            for (int i = 0; i < at.length; i++) {
                origin[i] = at[i];
                shape[i] = 1;
            }
            origin[at.length] = from;
            shape[at.length] = count;
            return flat(of.getData(origin, shape), count * shape[shape.length - 1]);
        }

        private static double[] flat(Object data, int size) {
            var all = new double[size];
            int filled = fill(data, all, 0);
            if (filled != size) {
                throw new IllegalStateException(filled + " of " + size + " values");
            }
            return all;
        }

        private static int fill(Object data, double[] all, int from) {
            int at = from;
            for (int i = 0; i < Array.getLength(data); i++) {
                Object one = Array.get(data, i);
                if (one.getClass().isArray()) {
                    at = fill(one, all, at);
                } else {
                    all[at++] = ((Number) one).doubleValue();
                }
            }
            return at;
        }
    }
}
