import { addPiece } from "./pieces";
import { useProjectStore } from "./projectStore";
import { freshId } from "./freshId";

test("ids need nothing that only a secure page has, and none comes twice", () => {
  const uuid = jest.spyOn(crypto, "randomUUID").mockImplementation(() => {
    throw new TypeError("crypto.randomUUID is not a function");
  });
  const before = useProjectStore.getState().project.pieces.length;
  addPiece();
  expect(useProjectStore.getState().project.pieces).toHaveLength(before + 1);
  const ids = Array.from({ length: 5000 }, () => freshId("section"));
  expect(new Set(ids).size).toBe(ids.length);
  expect(ids.every((id) => !id.includes(" ") && id.length <= 64)).toBe(true);
  uuid.mockRestore();
});
