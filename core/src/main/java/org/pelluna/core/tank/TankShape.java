package org.pelluna.core.tank;

/** The inside of the glass, in centimetres. */
public sealed interface TankShape {
    /** Outlines of the floor that a keeper may choose. */
    enum Outline {
        BOX,
        BOW_FRONT,
        CYLINDER
    }

    /** Inside height, cm. */
    double heightCm();

    /** Area of the floor, cm². */
    double footprintSquareCm();

    /** The longest straight travel from glass to glass, cm. */
    double longestTravelCm();

    /** From the left glass to the right, cm. */
    double acrossCm();

    /** From the back glass to the front where that is furthest, cm. */
    double frontToBackCm();

    /**
     * Whether a point of the floor lies inside.
     *
     * @param xCm from the left
     * @param yCm from the back
     */
    boolean holds(double xCm, double yCm);

    /** What the glass holds to the rim, L. */
    default double grossLitres() {
        return volumeLitresTo(heightCm());
    }

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

        @Override
        public double acrossCm() {
            return lengthCm;
        }

        @Override
        public double frontToBackCm() {
            return widthCm;
        }

        @Override
        public boolean holds(double xCm, double yCm) {
            return xCm >= 0 && xCm <= lengthCm && yCm >= 0 && yCm <= widthCm;
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
            double radius = radiusCm();
            double halfAngle = Math.asin(Math.min(1, lengthCm / 2 / radius));
            double bow = radius * radius * (halfAngle - Math.sin(halfAngle) * Math.cos(halfAngle));
            return lengthCm * sideWidthCm + bow;
        }

        /** Radius of the circle of which the front is a part, cm. */
        public double radiusCm() {
            double rise = middleWidthCm - sideWidthCm;
            return (lengthCm * lengthCm / 4 + rise * rise) / (2 * rise);
        }

        @Override
        public double longestTravelCm() {
            return Math.max(lengthCm, middleWidthCm);
        }

        @Override
        public double acrossCm() {
            return lengthCm;
        }

        @Override
        public double frontToBackCm() {
            return middleWidthCm;
        }

        @Override
        public boolean holds(double xCm, double yCm) {
            if (xCm < 0 || xCm > lengthCm || yCm < 0) {
                return false;
            }
            double fromMiddle = xCm - lengthCm / 2;
            double radius = radiusCm();
            return yCm <= middleWidthCm - radius + Math.sqrt(radius * radius - fromMiddle * fromMiddle);
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

        @Override
        public double acrossCm() {
            return diameterCm;
        }

        @Override
        public double frontToBackCm() {
            return diameterCm;
        }

        @Override
        public boolean holds(double xCm, double yCm) {
            return Math.hypot(xCm - diameterCm / 2, yCm - diameterCm / 2) <= diameterCm / 2;
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
