package org.pelluna.core.tank;

/** The inside of the glass, in centimetres. */
public sealed interface TankShape {

    /** Inside height, cm. */
    double heightCm();

    /** Area of the floor, cm². */
    double footprintSquareCm();

    /** The longest straight travel from glass to glass, cm. */
    double longestTravelCm();

    /** Volume in litres when filled to the given height, cm. */
    default double volumeLitresTo(double waterHeightCm) {
        return footprintSquareCm() * waterHeightCm / 1000.0;
    }

    /** A rectangular tank; the front is {@code lengthCm} long. */
    record Box(double lengthCm, double widthCm, double heightCm) implements TankShape {
        public Box {
            requirePositive(lengthCm, widthCm, heightCm);
        }

        @Override
        public double footprintSquareCm() {
            return lengthCm * widthCm;
        }

        @Override
        public double longestTravelCm() {
            return Math.max(lengthCm, widthCm);
        }
    }

    /**
     * A rectangular tank whose front bulges out as a segment of a circle.
     *
     * @param lengthCm length of the straight back
     * @param sideWidthCm front to back at the sides
     * @param middleWidthCm front to back in the middle, more than at the sides
     * @param heightCm inside height
     */
    record BowFront(double lengthCm, double sideWidthCm, double middleWidthCm, double heightCm) implements TankShape {
        public BowFront {
            requirePositive(lengthCm, sideWidthCm, heightCm);
            if (!(middleWidthCm > sideWidthCm && middleWidthCm - sideWidthCm <= lengthCm / 2)) {
                throw new IllegalArgumentException("a bow front is wider in the middle than at its sides, by at most"
                        + " half its length, but was " + middleWidthCm + " and " + sideWidthCm + " cm");
            }
        }

        @Override
        public double footprintSquareCm() {
            double rise = middleWidthCm - sideWidthCm;
            double radius = (lengthCm * lengthCm / 4 + rise * rise) / (2 * rise);
            double halfAngle = Math.asin(Math.min(1, lengthCm / 2 / radius));
            double bow = radius * radius * (halfAngle - Math.sin(halfAngle) * Math.cos(halfAngle));
            return lengthCm * sideWidthCm + bow;
        }

        @Override
        public double longestTravelCm() {
            return Math.max(lengthCm, middleWidthCm);
        }
    }

    /** An upright cylinder. */
    record Cylinder(double diameterCm, double heightCm) implements TankShape {
        public Cylinder {
            requirePositive(diameterCm, heightCm);
        }

        @Override
        public double footprintSquareCm() {
            return Math.PI * diameterCm * diameterCm / 4;
        }

        @Override
        public double longestTravelCm() {
            return diameterCm;
        }
    }

    private static void requirePositive(double... sizes) {
        for (double size : sizes) {
            if (!(size > 0 && size <= 2000)) {
                throw new IllegalArgumentException(
                        "an inside measure must be more than 0 and at most 2000 cm, but was " + size);
            }
        }
    }
}
