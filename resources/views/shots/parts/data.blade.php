<script id="shot-data" type="application/json">{!! \App\Pages\BenchData::of($page, $isWhole ?? true) !!}</script>
