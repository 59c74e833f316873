import { describe, expect, it } from "vitest";
import { positionText, readPosition } from "./read-position";

const HERE = { latitudeDeg: 62.51, longitudeDeg: 11.32 };

describe("a point on earth as people give it", () => {
  it.each([
    ["62.51, 11.32"],
    ["62.51 11.32"],
    ["62.51;11.32"],
    ["62,51 11,32"],
    ["62,51; 11,32"],
    ["62.51°, 11.32°"],
    ["62°30′36″N 11°19′12″E"],
    ["62° 30' 36\" N, 11° 19' 12\" E"],
    ["62°30.6'N 11°19.2'E"],
    ["N 62 30.6 E 11 19.2"],
    ["N62.51 E11.32"],
    ["geo:62.51,11.32?z=12"],
    ["https://map.example/place/@62.51,11.32,14z"],
    ["https://map.example/?mlat=62.51&mlon=11.32#map=12/60/10"],
    ["https://map.example/#map=13/62.51/11.32"],
    ["https://map.example/view?lon=10&q=62.51%2C11.32"],
    ["https://map.example/?ll=62.51,11.32&z=9"],
  ])("%s", (typed) => {
    expect(readPosition(typed)).toEqual(HERE);
  });

  it("south and west are negative, by letter and by sign", () => {
    expect(readPosition("33°S 70.5°W")).toEqual({ latitudeDeg: -33, longitudeDeg: -70.5 });
    expect(readPosition("−33, −70.5")).toEqual({ latitudeDeg: -33, longitudeDeg: -70.5 });
  });

  it.each([[""], ["Svartmyra"], ["62.51"], ["162.5, 11"], ["62.5, 211"], ["https://map.example/about"], ["1,2,3"]])(
    "no point in %j",
    (typed) => {
      expect(readPosition(typed)).toBeNull();
    },
  );

  it("is shown as it can be typed again", () => {
    expect(readPosition(positionText({ latitudeDeg: -3.123456789, longitudeDeg: 0 }))).toEqual({
      latitudeDeg: -3.12346,
      longitudeDeg: 0,
    });
  });
});
