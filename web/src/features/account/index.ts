export { SignInPage } from './SignInPage';
export { useSignOut } from './useAccount';
