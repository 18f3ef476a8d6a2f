<script id="shot-data" type="application/json">{!! \App\Plans\BenchData::of($page) !!}</script>
