import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api } from "../api/client";
import { clockWords, momentWords } from "../common/words";

/** A moment of the server, with its offset, as this device's wall clock has it. */
const wall = (text: string): string => {
  const at = new Date(text);
  return momentWords(new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16));
};
/** Whether a device has come in is looked at so often while a code is shown, ms. */
const LOOK_MS = 2000;

/** Devices of the local network: let in by a code and taken away again. */
export function DevicesList() {
  const client = useQueryClient();
  const { tints } = useTheme();
  const pairing = useMutation({ mutationFn: api.pair });
  const { data } = useQuery({ queryKey: ["devices"], queryFn: api.devices, refetchInterval: pairing.data ? LOOK_MS : false });
  const away = useMutation({ mutationFn: api.deleteDevice, onSuccess: () => client.invalidateQueries({ queryKey: ["devices"] }) });
  if (!data) return null;
  return (
    <Box component="section" aria-label="Devices">
      <Typography variant="h2">Devices at the bench</Typography>
      {!data.lan && (
        <Typography color="text.secondary">
          Only this machine is served. Start it by <code>bin/start --lan</code>, and a tablet or a telephone of the same network can be let
          in.
        </Typography>
      )}
      {data.lan && !data.here && (
        <Typography color="text.secondary">Devices are let in from the machine that Green Plinth runs on.</Typography>
      )}
      {data.devices.map((one) => (
        <Box key={one.id} sx={{ display: "flex", gap: 2, alignItems: "center", borderBottom: 1, borderColor: tints.line, py: 0.5 }}>
          <Box sx={{ flex: 1 }}>
            <Typography sx={{ fontWeight: 600 }}>
              {one.name}
              {one.this ? ", this one" : ""}
            </Typography>
            <Typography color="text.secondary">
              Let in {wall(one.paired_at)}, seen last {wall(one.seen_at)}
            </Typography>
          </Box>
          <Button color="error" onClick={() => away.mutate(one.id)} aria-label={`Take away: ${one.name}`}>
            Take away
          </Button>
        </Box>
      ))}
      {data.lan && data.here && (
        <Box sx={{ display: "flex", gap: 3, alignItems: "center", flexWrap: "wrap", mt: 1.5 }}>
          <Button variant="contained" onClick={() => pairing.mutate()}>
            {pairing.data ? "Another code" : "Let a device in"}
          </Button>
          {pairing.error && <Typography role="alert">{pairing.error.message}</Typography>}
          {pairing.data && (
            <>
              <Box
                component="img"
                alt={`QR code of ${pairing.data.url}`}
                src={`data:image/svg+xml;utf8,${encodeURIComponent(pairing.data.qr)}`}
                sx={{ width: 220, height: 220, bgcolor: "#fff" }}
              />
              <Box>
                <Typography sx={{ fontSize: "2.6rem", letterSpacing: "0.2em", fontWeight: 700, lineHeight: 1.1 }} aria-label="Code">
                  {pairing.data.code}
                </Typography>
                <Typography>
                  Good once, until {clockWords(pairing.data.good_until)}. On the device, point the camera at the picture, or open{" "}
                  <b>{data.addresses.join(" or ")}</b> and type the digits.
                </Typography>
                <Typography color="text.secondary">
                  It asks once whether the connection is trusted: the certificate was made by this machine for itself. Trust{" "}
                  <a href="/certificate">its root</a> on the device, and it asks no more and opens the bench without the network, too.
                </Typography>
              </Box>
            </>
          )}
        </Box>
      )}
    </Box>
  );
}
