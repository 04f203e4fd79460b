"use client";

/** Shown where the frame itself is broken: what was kept is still there, and can be taken out. */
export default function Broken() {
  return (
    <html lang="en">
      <body style={{ fontFamily: "sans-serif", maxWidth: "40rem", margin: "4rem auto", padding: "0 1rem" }}>
        <h1>Brenok has broken down here</h1>
        <p>Your project is still kept in this browser. Reload the page to go on.</p>
        <p>
          <button type="button" onClick={() => location.reload()}>
            Reload the page
          </button>
        </p>
      </body>
    </html>
  );
}
