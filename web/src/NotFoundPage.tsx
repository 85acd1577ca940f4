import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link, useLocation } from "react-router";
import { PageHead } from "./common/PageHead";

/** In place of a page that is not there: what was asked for, and where to go instead. */
export function NotFoundPage() {
  const { pathname } = useLocation();
  return (
    <Box component="main" sx={{ maxWidth: 1080, mx: "auto", p: 2.5 }}>
      <PageHead title="There is no such page" />
      <Typography sx={{ mb: 2 }}>
        Nothing lies at <b>{pathname}</b>. A letter may be wrong in the address, or it was an older one.
      </Typography>
      <Button component={Link} to="/" variant="contained">
        To the shelf
      </Button>
    </Box>
  );
}
