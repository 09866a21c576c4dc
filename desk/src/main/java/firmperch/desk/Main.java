package firmperch.desk;
import javafx.application.*; import javafx.stage.*; import javafx.scene.*; import javafx.scene.control.*; import javafx.scene.image.*;
public class Main {
    public static class App extends Application { public void start(Stage s) throws Exception { var l=new Label("Hello 123"); s.setScene(new Scene(l,400,200)); s.show();
      var im=s.getScene().snapshot(null); System.out.println(im.getWidth());
      javax.imageio.ImageIO.write(javafx.embed.swing.SwingFXUtils.fromFXImage(im,null),"png",new java.io.File("/tmp/x.png")); Platform.exit(); } }
    public static void main(String[] a){ System.setProperty("glass.platform","Headless"); System.setProperty("prism.order","sw"); System.out.println(Runtime.version()+" "+String.join(",",a)); Application.launch(App.class,a);
    }
}
