/** The application kept in the browser, where that can be; a newer one is offered, and never taken by itself. */
import { toast } from "@/ui/parts/toast";
import { saveNow } from "@/state/keeping/autosave";

/** Once an hour, and whenever the page is looked at again after so long. */
const LOOK_MS = 3_600_000;

/** Whether this tab has asked for the newer one. */
let asked = false;

function offer(waiting: ServiceWorker) {
  toast.success("A newer Brenok is ready", {
    description: "Your project and the row in hand stay as they are.",
    duration: Infinity,
    action: {
      label: "Reload to use it",
      onClick: () => {
        asked = true;
        void saveNow();
        waiting.postMessage({ type: "SKIP_WAITING" });
      },
    },
  });
}

function follow(registration: ServiceWorkerRegistration) {
  const look = (worker: ServiceWorker | null) => {
    if (!worker) return;
    const settled = () => {
      // The very first one has nothing to take the place of.
      if (worker.state === "installed" && navigator.serviceWorker.controller) offer(worker);
    };
    settled();
    worker.addEventListener("statechange", settled);
  };
  look(registration.waiting);
  registration.addEventListener("updatefound", () => look(registration.installing));
  let looked = Date.now();
  const update = () => {
    if (document.visibilityState !== "visible" || Date.now() - looked < LOOK_MS) return;
    looked = Date.now();
    registration.update().catch(() => {});
  };
  document.addEventListener("visibilitychange", update);
  setInterval(update, LOOK_MS);
}

/** Another one has taken over: here because it was asked for, in other tabs because one of them did. */
function takenOver() {
  if (asked) {
    void saveNow();
    location.reload();
  } else
    toast.warning("A newer Brenok has been taken in another tab", {
      description: "Reload this one to go on; nothing is lost.",
      duration: Infinity,
      action: { label: "Reload", onClick: () => location.reload() },
    });
}

/**
 * On a first visit all of the application is fetched and prepared, which takes both cores of a small machine for seconds:
 * that waits until what was asked for is likely to be there, or until the page is left.
 */
const FIRST_ANSWER_MS = 8_000;

const answered = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve, FIRST_ANSWER_MS);
    document.addEventListener("visibilitychange", () => resolve(), { once: true });
  });

/** Begins to keep the application; without a secure page (plain http) browsers do not allow it, and nothing happens. */
export async function keepApplication() {
  const { serviceWorker } = navigator as { readonly serviceWorker?: ServiceWorkerContainer };
  if (!serviceWorker) return;
  const before = serviceWorker.controller;
  if (before) serviceWorker.addEventListener("controllerchange", takenOver);
  else await answered();
  try {
    follow(await serviceWorker.register("/sw.js"));
  } catch {
    // A browser that keeps nothing (a private window) works with the network alone.
  }
}
