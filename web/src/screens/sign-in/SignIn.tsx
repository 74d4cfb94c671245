import { useQueryClient } from "@tanstack/react-query";
import { Navigate, useLocation, useNavigate } from "react-router";
import { useDoor } from "../../api/queries";
import { forgetStudio } from "../../waiting/withoutNetwork";
import { Doorway } from "./Doorway";
import { SignInForm } from "./SignInForm";

export function SignIn() {
  const door = useDoor();
  const navigate = useNavigate();
  const cache = useQueryClient();
  const location = useLocation();
  const from: unknown = location.state?.from;

  function enter() {
    cache.clear();
    // Whoever was in before, on another studio perhaps, may never have signed out.
    void forgetStudio();
    void navigate(typeof from === "string" ? from : "/", { replace: true });
  }

  if (door.data && !door.data.founded) return <Navigate to="/found" replace />;
  return (
    <Doorway title="Sign in">
      <SignInForm onSignedIn={enter} />
    </Doorway>
  );
}
