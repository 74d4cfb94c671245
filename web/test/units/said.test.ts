import { describe, expect, test } from "vitest";
import { sayDate, sayNumber } from "../../src/units/said";

describe("numbers and days as a language says them", () => {
  test("each way of saying is kept apart", () => {
    const whole = { maximumFractionDigits: 0 };
    expect(sayNumber("en", whole, 1234.5)).toBe("1,235");
    expect(sayNumber("en", { minimumFractionDigits: 2 }, 1234.5)).toBe("1,234.50");
    expect(sayNumber("de", whole, 1234.5)).toBe("1.235");
    expect(sayNumber("en", whole, 8)).toBe("8");
  });

  test("the same for days", () => {
    const at = new Date(2026, 10, 19, 12);
    expect(sayDate("en-GB", { day: "numeric", month: "short" }, at)).toBe("19 Nov");
    expect(sayDate("en-GB", { day: "numeric", month: "long" }, at)).toBe("19 November");
  });

  test("what said it once says it again without being made anew", () => {
    const made = Intl.NumberFormat;
    let count = 0;
    Intl.NumberFormat = new Proxy(made, {
      construct: (target, given) => {
        count += 1;
        return new target(...(given as [string]));
      },
    });
    try {
      for (let i = 0; i < 5; i += 1) sayNumber("en", { minimumFractionDigits: 3 }, i);
    } finally {
      Intl.NumberFormat = made;
    }
    expect(count).toBe(1);
  });
});
