/** Whether the sheet is open that tells what is known of the knitter's hand. */
import { create } from "zustand";

export const useHandSheet = create<{ readonly open: boolean }>()(() => ({ open: false }));

export const openHand = (open = true) => useHandSheet.setState({ open });
