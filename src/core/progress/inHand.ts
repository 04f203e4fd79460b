/** Which of the pieces of a project is meant: one that is worked twice has two copies, counted from 1. */
export interface InHand {
  readonly pieceId: string;
  readonly copy: number;
}

export const keyOfPlace = ({ pieceId, copy }: InHand) => `${pieceId} ${copy}`;
