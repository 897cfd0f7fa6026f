/** Requests and answers: hosts and origins, body limits, checked input, errors as data. */
export {
  answering,
  BODY_LIMIT,
  checked,
  IMPORT_LIMIT,
  jsonBody,
  limitedBody,
  refused,
  RequestError,
  type ErrorBody,
} from './answers';
export { hostAllowed, originAllowed } from './guard';
