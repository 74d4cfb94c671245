import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import jsQR from "jsqr";
import { useEffect, useRef, useState } from "react";

/** Milliseconds between two looks, and how wide a picture is looked at. */
const EVERY = 180;
const WIDE = 640;

/** Looks through the camera until it reads a code. */
export function Camera({ onCode }: { onCode: (code: string) => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const found = useRef(onCode);
  useEffect(() => {
    found.current = onCode;
  });

  useEffect(() => {
    let stream: MediaStream | undefined;
    let timer = 0;
    let gone = false;
    const canvas = document.createElement("canvas");
    const context = canvas.getContext("2d", { willReadFrequently: true });

    function look() {
      const screen = video.current;
      if (!screen || !context || screen.videoWidth === 0) return;
      canvas.width = Math.min(screen.videoWidth, WIDE);
      canvas.height = Math.round((screen.videoHeight / screen.videoWidth) * canvas.width);
      context.drawImage(screen, 0, 0, canvas.width, canvas.height);
      const picture = context.getImageData(0, 0, canvas.width, canvas.height);
      const code = jsQR(picture.data, picture.width, picture.height);
      if (code?.data) found.current(code.data);
    }

    async function open() {
      try {
        const opened = await navigator.mediaDevices.getUserMedia({ video: { facingMode: "environment" } });
        if (gone) {
          opened.getTracks().forEach((track) => track.stop());
          return;
        }
        stream = opened;
        if (video.current) {
          video.current.srcObject = opened;
          await video.current.play();
        }
        timer = window.setInterval(look, EVERY);
      } catch {
        setRefused("The camera cannot be used here. Allow it in the browser, or type the number on the label.");
      }
    }
    void open();
    return () => {
      gone = true;
      window.clearInterval(timer);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);

  if (refused) return <Alert severity="warning">{refused}</Alert>;
  return (
    <Box>
      <Box
        component="video"
        ref={video}
        muted
        playsInline
        aria-label="What the camera sees"
        sx={{ width: "100%", display: "block", bgcolor: "black", aspectRatio: "4 / 3" }}
      />
      <Typography variant="body2" color="textSecondary">
        Hold the code of a label before the camera.
      </Typography>
    </Box>
  );
}
