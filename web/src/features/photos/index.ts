export { PhotoStrip } from './PhotoStrip';
export { SideBySide } from './SideBySide';
export { usePhotoSending } from './sending';
