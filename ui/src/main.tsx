document.getElementById("root")!.textContent = "building";
