import { describe, expect, test } from "vitest";
import { Pinch } from "../../../src/drawing/shared/closer";

const finger = (pointerId: number, clientX: number, clientY = 100) => ({ pointerId, clientX, clientY });

function begun() {
  const pinch = new Pinch();
  pinch.down(finger(1, 100));
  pinch.down(finger(2, 200));
  return pinch;
}

describe("two fingers on a drawing", () => {
  test("apart mean closer, together the whole", () => {
    const pinch = begun();

    expect(pinch.move(finger(2, 210))).toEqual({ two: true });
    expect(pinch.move(finger(2, 230))).toEqual({ two: true, closer: true });
    expect(pinch.move(finger(2, 190))).toEqual({ two: true, closer: false });
  });

  test("mean nothing when it is one, or a third is there", () => {
    const pinch = new Pinch();
    pinch.down(finger(1, 100));

    expect(pinch.move(finger(1, 300))).toEqual({ two: false });
    expect(pinch.move(finger(9, 300))).toEqual({ two: false });
    pinch.down(finger(2, 400));
    pinch.down(finger(3, 500));

    expect(pinch.move(finger(2, 900))).toEqual({ two: false });
    pinch.up(finger(3, 500));

    expect(pinch.move(finger(2, 200))).toEqual({ two: true, closer: false });
  });

  test("are forgotten when they are lifted", () => {
    const pinch = begun();
    pinch.up(finger(1, 100));

    expect(pinch.move(finger(2, 900))).toEqual({ two: false });
  });
});
