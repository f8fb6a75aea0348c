package rhombus.core.stage;

import static rhombus.core.words.Messages.say;

import java.util.HashMap;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Trigger;

/** What an unseen hand does over and over in the preview of a setting. */
enum PreviewGesture {
    ORBIT(
            say("doing.orbiting"),
            AllHabits.ORBIT_STYLE,
            AllHabits.POLES,
            AllHabits.ORBIT_SPEED,
            AllHabits.ORBIT_INVERT_X,
            AllHabits.ORBIT_INVERT_Y) {
        @Override
        void begins(PreviewHand h) {
            h.move(0, 0, RIGHT);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            h.move(32 * Math.sin(turn), 16 * Math.sin(2 * turn), RIGHT);
        }
    },
    AXIS_VIEW(say("doing.orbiting-out-of-an-axis"), AllHabits.AXIS_VIEWS) {
        @Override
        void begins(PreviewHand h) {
            h.key("KeyP", 0);
            h.key("KeyX", 0);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            h.move(40 * Math.max(0, Math.sin(turn)), 0, Math.sin(turn) > 0 ? RIGHT : 0);
        }

        @Override
        void beat(PreviewHand h, int n) {
            if (n == 4) {
                h.key("KeyX", 0);
            }
        }
    },
    PAN(say("doing.panning"), AllHabits.PAN_SPEED, AllHabits.PAN_INVERT) {
        @Override
        void begins(PreviewHand h) {
            h.move(0, 0, MIDDLE);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            h.move(30 * Math.sin(turn), 14 * Math.sin(2 * turn), MIDDLE);
        }
    },
    ROLL(say("doing.rolling"), AllHabits.ROLL_SPEED, AllHabits.ROLL_INVERT) {
        @Override
        void begins(PreviewHand h) {
            h.down("KeyR", 0);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            h.move(34 * Math.sin(turn), 0, 0);
        }
    },
    ZOOM(say("doing.zooming-the-lens"), AllHabits.ZOOM_SPEED, AllHabits.ZOOM_INVERT) {
        @Override
        void begins(PreviewHand h) {
            h.down("KeyL", 0);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            h.move(0, -16 * Math.sin(turn), 0);
        }
    },
    STEPS(say("doing.stepping-there-and-back"), AllHabits.STEP) {
        @Override
        void beat(PreviewHand h, int n) {
            h.key(n < 3 ? "ArrowRight" : "ArrowLeft", 0);
        }
    },
    AXES(say("doing.from-the-right-to-the"), AllHabits.GLIDE, AllHabits.AXIS_FLAT) {
        @Override
        void beat(PreviewHand h, int n) {
            h.key(n % 2 == 0 ? "KeyX" : "KeyY", 0);
        }
    },
    DOLLY(say("doing.dollying-by-a-drag"), AllHabits.DOLLY_STYLE, AllHabits.DOLLY_SPEED, AllHabits.DOLLY_INVERT) {
        @Override
        void begins(PreviewHand h) {
            h.down("KeyA", 0);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            h.move(0, -26 * Math.sin(turn), 0);
        }
    },
    WHEEL(say("doing.turning-the-wheel"), AllHabits.WHEEL_SPEED, AllHabits.WHEEL_INVERT) {
        @Override
        void beat(PreviewHand h, int n) {
            h.wheel(0, n < 3 ? -100 : 100);
        }
    },
    ASIDE(say("doing.turning-the-wheel-beside-the"), AllHabits.DOLLY_TARGET) {
        @Override
        void goesOn(PreviewHand h, double turn) {
            h.move(56, 30, 0);
        }

        @Override
        void beat(PreviewHand h, int n) {
            h.wheel(0, n < 3 ? -100 : 100);
        }
    },
    SLIDE(say("doing.sliding-two-fingers-over-a"), AllHabits.SLIDE_INVERT) {
        @Override
        void begins(PreviewHand h) {
            h.stage().keymaps().preset(KeymapPresets.TRACKPAD);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            h.wheel(2.4 * Math.cos(turn), 0.8 * Math.cos(2 * turn));
        }
    },
    LOOK(say("doing.looking-about"), AllHabits.LOOK_SPEED, AllHabits.LOOK_INVERT_X, AllHabits.LOOK_INVERT_Y) {
        @Override
        void begins(PreviewHand h) {
            h.down("KeyE", 0);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            h.move(34 * Math.sin(turn), 20 * Math.sin(2 * turn), 0);
        }
    },
    WALK(say("doing.walking-up-to-the-box"), AllHabits.WALK_SPEED) {
        @Override
        void begins(PreviewHand h) {
            h.run("walk.start");
        }

        @Override
        void beat(PreviewHand h, int n) {
            toAndFro(h, n, 0);
        }
    },
    RUN(say("doing.running-ahead-and-back"), AllHabits.RUN) {
        @Override
        void begins(PreviewHand h) {
            h.run("walk.start");
            h.run("walk.step-speed", "to", "slower");
        }

        @Override
        void beat(PreviewHand h, int n) {
            toAndFro(h, n, Modifiers.SHIFT);
        }
    },
    FOLLOW(say("doing.orbiting-then-another-button-on"), AllHabits.FOLLOW) {
        @Override
        void goesOn(PreviewHand h, double turn) {
            double part = turn / (2 * Math.PI) % 1;
            int buttons = part < 0.1 || part > 0.9 ? 0 : part < 0.45 ? RIGHT : RIGHT | MIDDLE;
            h.move(30 * Math.sin(turn), 18 * Math.sin(turn), buttons);
        }
    },
    PEN(say("doing.dragging-the-box-with-a"), AllHabits.PEN) {
        @Override
        void begins(PreviewHand h) {
            h.click(0, 0, LEFT);
            h.run("tool.move");
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            // Beside the arms of the tool.
            h.move(
                    -24 + 24 * Math.sin(turn),
                    -5 + 8 * Math.sin(2 * turn),
                    Math.sin(turn / 2) * Math.cos(turn / 2) >= 0 ? LEFT : 0,
                    0,
                    true);
        }
    },
    FIRST_CLICK(say("doing.clicking-elsewhere-then-on-the"), AllHabits.FIRST_CLICK) {
        @Override
        void beat(PreviewHand h, int n) {
            if (n == 0) {
                h.run("select.none");
                h.clickBeside();
            } else if (n == 2) {
                h.click(0, 0, LEFT);
            } else if (n == 4) {
                h.click(0, 0, LEFT);
            }
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            wander(h, turn);
        }
    },
    BUTTON(say("doing.clicking-with-the-left-button"), AllHabits.SELECT_BUTTON) {
        @Override
        void beat(PreviewHand h, int n) {
            if (n == 0) {
                h.run("select.none");
            } else if (n == 2) {
                h.click(0, 0, LEFT);
            }
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            wander(h, turn);
        }
    },
    MARQUEE(say("doing.drawing-a-rectangle-over-a"), AllHabits.MARQUEE) {
        @Override
        void goesOn(PreviewHand h, double turn) {
            double part = turn / Math.PI % 2;
            // To the right first, then to the left.
            boolean right = part < 1;
            double way = Math.min(1, part % 1 / 0.7);
            double from = right ? -80 : 80;
            double to = right ? 6 : -6;
            h.move(from + (to - from) * way, -50 + 90 * way, part % 1 < 0.8 ? LEFT : 0);
        }
    },
    HOVER(say("doing.passing-over-the-box"), AllHabits.HOVER) {
        @Override
        void goesOn(PreviewHand h, double turn) {
            h.move(70 * Math.sin(turn), 8 * Math.sin(2 * turn), 0);
        }
    },
    LETTERS(say("doing.pressing-x-then-h"), AllHabits.LETTERS) {
        @Override
        void begins(PreviewHand h) {
            h.run("view.frame-all");
        }

        @Override
        void beat(PreviewHand h, int n) {
            if (n == 1 || n == 4) {
                h.key(n == 1 ? "KeyX" : "KeyH", 0);
            }
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            wander(h, turn);
        }
    },
    STAND_IN(say("doing.dragging-with-alt-and-the"), AllHabits.MIDDLE) {
        @Override
        void begins(PreviewHand h) {
            h.move(0, 0, LEFT, Modifiers.ALT, false);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            h.move(30 * Math.sin(turn), 14 * Math.sin(2 * turn), LEFT, Modifiers.ALT, false);
        }
    },
    DIGITS(say("doing.pressing-4-and-6-where"), AllHabits.NUMBER_PAD) {
        @Override
        void begins(PreviewHand h) {
            h.stage()
                    .use(h.stage()
                            .keymap()
                            .with("step-orbit-left", Trigger.key("Numpad4"), 0)
                            .with("step-orbit-right", Trigger.key("Numpad6"), 0));
        }

        @Override
        void beat(PreviewHand h, int n) {
            h.key(n < 3 ? "Digit6" : "Digit4", 0);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            wander(h, turn);
        }
    },
    STICK(
            say("doing.pushing-the-right-stick-about"),
            AllHabits.GAMEPAD_HOLDS,
            AllHabits.GAMEPAD_SPEED,
            AllHabits.GAMEPAD_DEAD,
            AllHabits.GAMEPAD_CURVE) {
        @Override
        void goesOn(PreviewHand h, double turn) {
            h.stick(0.45 * Math.cos(turn), 0.3 * Math.cos(2 * turn));
        }
    },
    CAP(
            say("doing.twisting-and-tipping-the-cap"),
            AllHabits.MOUSE3D_HOLDS,
            AllHabits.MOUSE3D_SPEED,
            AllHabits.MOUSE3D_DEAD,
            AllHabits.MOUSE3D_CURVE) {
        @Override
        void goesOn(PreviewHand h, double turn) {
            h.twist(0.4 * Math.cos(turn), 0.25 * Math.cos(2 * turn), 0);
        }
    },
    TIPPED(say("doing.tipping-the-cap-sideways"), AllHabits.MOUSE3D_LEVEL) {
        @Override
        void goesOn(PreviewHand h, double turn) {
            h.twist(0.2 * Math.cos(turn), 0, 0.5 * Math.cos(turn));
        }
    },
    ROSE(say("doing.orbiting"), AllHabits.ROSE) {
        @Override
        void begins(PreviewHand h) {
            ORBIT.begins(h);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            ORBIT.goesOn(h, turn);
        }
    },
    AXES_SHOWN(say("doing.orbiting-about-x-y-and"), AllHabits.AXIS_COLOURS) {
        @Override
        void begins(PreviewHand h) {
            ORBIT.begins(h);
        }

        @Override
        void goesOn(PreviewHand h, double turn) {
            ORBIT.goesOn(h, turn);
        }
    };

    private static final int LEFT = 1;
    private static final int RIGHT = 2;
    private static final int MIDDLE = 4;
    private static final Map<Habit, PreviewGesture> OF = new HashMap<>();

    static {
        for (PreviewGesture d : values()) {
            for (Habit h : d.habits) {
                OF.put(h, d);
            }
        }
    }

    private final String words;
    private final Habit[] habits;

    PreviewGesture(String words, Habit... habits) {
        this.words = words;
        this.habits = habits;
    }

    /** What shows a setting, or null. */
    static PreviewGesture of(Habit h) {
        return OF.get(h);
    }

    String words() {
        return words;
    }

    /** Takes hold. */
    void begins(PreviewHand h) {}

    /** Goes on, with every picture. */
    void goesOn(PreviewHand h, double turn) {}

    /** A stroke, six in each round. */
    void beat(PreviewHand h, int n) {}

    /** The pointer moves a little, so that one sees that there is a hand. */
    private static void wander(PreviewHand h, double turn) {
        h.move(4 * Math.sin(turn), 3 * Math.cos(turn), 0);
    }

    /** Ahead for a third of the round, and back for another. */
    private static void toAndFro(PreviewHand h, int n, int modifiers) {
        switch (n) {
            case 0 -> h.down("KeyW", modifiers);
            case 2 -> h.up("KeyW", modifiers);
            case 3 -> h.down("KeyS", modifiers);
            case 5 -> h.up("KeyS", modifiers);
            default -> {}
        }
    }
}
