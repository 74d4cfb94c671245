import { describe, expect, test } from "vitest";
import { sayDate } from "../../src/units/said";

describe("days as a language says them", () => {
  test("each way of saying is kept apart", () => {
    const at = new Date(2026, 10, 19, 12);
    expect(sayDate("en-GB", { day: "numeric", month: "short" }, at)).toBe("19 Nov");
    expect(sayDate("en-GB", { day: "numeric", month: "long" }, at)).toBe("19 November");
    expect(sayDate("de", { day: "numeric", month: "long" }, at)).toBe("19. November");
  });

  test("what said it once says it again without being made anew", () => {
    const made = Intl.DateTimeFormat;
    let count = 0;
    Intl.DateTimeFormat = new Proxy(made, {
      construct: (target, given) => {
        count += 1;
        return new target(...(given as [string]));
      },
    });
    try {
      for (let i = 0; i < 5; i += 1) sayDate("en-GB", { year: "2-digit" }, new Date(2026, i, 1));
    } finally {
      Intl.DateTimeFormat = made;
    }
    expect(count).toBe(1);
  });
});
