import { useEffect } from "react";
import { keepOffline } from "@/stores/saving/offline";

/** Has the page kept for a place without network; shows nothing. */
export default function KeptOffline() {
  useEffect(() => void keepOffline(), []);
  return null;
}
