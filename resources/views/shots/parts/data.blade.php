<script id="shot-data" type="application/json">{!! json_encode(\App\Plans\BenchData::of($page), JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) !!}</script>

